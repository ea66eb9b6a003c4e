package brachion.core;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.INTERFACES;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import brachion.core.method.Method;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The core knows no framework, and data flows one way through its packages. */
@AnalyzeClasses(packages = "brachion.core", importOptions = ImportOption.DoNotIncludeTests.class)
class DependencyRulesTest {

    @ArchTest
    static final ArchRule the_core_depends_on_no_framework = classes().should().onlyDependOnClassesThat()
            .resideInAnyPackage("brachion.core..", "java..", "org.hipparchus..", "org.apache.commons.csv..", "org.locationtech.jts..");

    @ArchTest
    static final ArchRule nothing_points_backwards = layeredArchitecture().consideringOnlyDependenciesInLayers()
            .layer("quantity").definedBy("brachion.core.quantity")
            .layer("physics").definedBy("brachion.core.physics")
            .layer("wood").definedBy("brachion.core.wood")
            .layer("bending").definedBy("brachion.core.bending")
            .layer("process").definedBy("brachion.core.process")
            .layer("rig").definedBy("brachion.core.rig")
            .layer("method").definedBy("brachion.core.method")
            .layer("bench").definedBy("brachion.core.bench")
            .layer("stock").definedBy("brachion.core.stock")
            .layer("job").definedBy("brachion.core.job")
            .layer("photo").definedBy("brachion.core.photo")
            .layer("trial").definedBy("brachion.core.trial")
            .layer("risk").definedBy("brachion.core.risk")
            .layer("shape").definedBy("brachion.core.shape")
            .layer("form").definedBy("brachion.core.form")
            .layer("forecast").definedBy("brachion.core.forecast")
            .layer("strips").definedBy("brachion.core.strips")
            .layer("schedule").definedBy("brachion.core.schedule")
            .whereLayer("schedule").mayNotBeAccessedByAnyLayer()
            .whereLayer("strips").mayNotBeAccessedByAnyLayer()
            .whereLayer("forecast").mayOnlyBeAccessedByLayers("schedule", "strips")
            .whereLayer("form").mayNotBeAccessedByAnyLayer()
            .whereLayer("shape").mayOnlyBeAccessedByLayers("form", "forecast")
            .whereLayer("risk").mayOnlyBeAccessedByLayers("forecast", "strips")
            .whereLayer("trial").mayOnlyBeAccessedByLayers("job", "risk", "forecast")
            .whereLayer("bench").mayOnlyBeAccessedByLayers("job", "schedule")
            .whereLayer("job").mayNotBeAccessedByAnyLayer()
            .whereLayer("stock").mayNotBeAccessedByAnyLayer()
            .whereLayer("photo").mayNotBeAccessedByAnyLayer().whereLayer("photo").mayNotAccessAnyLayer()
            .whereLayer("method").mayOnlyBeAccessedByLayers("bench", "stock", "trial", "risk", "forecast", "schedule", "strips")
            .whereLayer("rig").mayNotBeAccessedByAnyLayer()
            .whereLayer("process").mayOnlyBeAccessedByLayers("rig", "method", "bench", "risk", "forecast", "schedule")
            .whereLayer("bending").mayOnlyBeAccessedByLayers("process", "method", "bench", "risk", "form", "forecast")
            .whereLayer("physics").mayNotAccessAnyLayer()
            .whereLayer("wood").mayOnlyBeAccessedByLayers("bending", "process", "rig", "method", "risk", "forecast");

    /** Whoever forecasts or advises asks a method; that ways differ is known to the ways alone. */
    @ArchTest
    static final ArchRule no_way_of_bending_is_known_outside_its_package = noClasses()
            .that().resideOutsideOfPackage("brachion.core.method").and().doNotHaveSimpleName("ReferencePieces")
            .should().dependOnClassesThat(assignableTo(Method.class).and(not(INTERFACES)));
}
