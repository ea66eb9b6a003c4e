package brachion.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.INTERFACES;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import brachion.core.method.Method;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class StructureTest {

    @Test
    void capabilities_use_each_other_only_through_their_public_faces_and_in_no_circle() {
        ApplicationModules.of(BrachionApplication.class).verify();
    }

    /** What a way of bending is set by, it publishes itself; only the invented workshop's records are made of certain ways. */
    @Test
    void no_way_of_bending_is_known_by_name() {
        noClasses().that().resideOutsideOfPackage("brachion.server.demo")
                .should().dependOnClassesThat(assignableTo(Method.class).and(not(INTERFACES)))
                .check(new ClassFileImporter().withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("brachion.server"));
    }
}
