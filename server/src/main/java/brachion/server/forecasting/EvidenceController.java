package brachion.server.forecasting;

import brachion.core.forecast.Calibration;
import brachion.core.forecast.Odds;
import brachion.core.forecast.RuleEvidence;
import brachion.core.forecast.ShopConstant;
import brachion.core.method.Family;
import brachion.core.physics.Unsure;
import brachion.core.risk.Belief;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SetAside;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the shop's own records say: of rules of thumb, of the forecasts, of species, boards and people. */
@RestController
class EvidenceController {

    private final FittedRisk fitted;
    private final AtomicReference<Said> latest = new AtomicReference<>();

    EvidenceController(FittedRisk fitted) {
        this.fitted = fitted;
    }

    /**
     * @param trials      how many trials were used
     * @param rules       each disputed rule, tipped by the records
     * @param byLuck      how many of them luck alone would tip
     * @param families    each family of methods by itself
     * @param relaxationH time in which springback relaxes on the form, as the records say [h]
     * @param measured    how many pieces had their radius after release measured
     * @param setAside    records that are not used, and why
     */
    record EvidenceAnswer(int trials, List<RuleEvidence> rules, RuleEvidence.ByLuck byLuck, List<FamilyEvidence> families, double relaxationH,
                          int measured, List<SetAside> setAside) {
    }

    /**
     * @param family      the family of methods, which share their fit
     * @param calibration how well forecasts come true
     * @param beliefs     what is believed of everything that may move the risks
     * @param hidden      share of pieces that break for reasons nothing measured explains, as believed
     * @param prone       what hides such reasons more or less often than the shop's usual stock
     * @param constants   what the records have found out about the shop's heat, water and straps
     */
    record FamilyEvidence(Family family, Calibration calibration, List<Belief> beliefs, Odds hidden, List<ProneView> prone,
                          List<ConstantView> constants) {
    }

    /**
     * Pieces that hide flaws more or less often.
     *
     * @param source where their boards came from, null for pieces with knots or wild grain in the bend
     * @param times  how many times as often as usual stock, as expected
     */
    record ProneView(@Schema(nullable = true) String source, double times) {

        static List<ProneView> of(RiskModel risk, Family family) {
            return Stream.concat(Stream.of(new ProneView(null, risk.pronenessOfKnots(family))),
                    risk.pronenessBySource(family).entrySet().stream().map(each -> new ProneView(each.getKey(), each.getValue())))
                    .sorted(Comparator.comparingDouble(ProneView::times).reversed()).toList();
        }
    }

    /**
     * A constant of the shop; the one that is most surely worse than usual comes first.
     *
     * @param steps  how far it is from usual, in steps of what such a constant may be off, more being worse
     * @param rival  another that would explain the same records as well, null where they tell the two apart
     */
    record ConstantView(Unsure constant, double usual, double likely, double low, double high, double steps, double learned,
                        @Schema(nullable = true) Unsure rival) {

        static List<ConstantView> of(RiskModel risk, Family family) {
            return ShopConstant.of(risk, family).stream().map(each -> new ConstantView(each.constant(), each.usual(), each.likely(), each.low(), each.high(),
                    each.steps(), each.learned(), each.rival().orElse(null))).toList();
        }
    }

    /** What a fit was found to say. */
    private record Said(RiskModel risk, EvidenceAnswer answer) {
    }

    /** Worked out once for each fit: every record is forecast without itself, which takes its time with many. */
    @GetMapping("/api/evidence")
    Callable<EvidenceAnswer> evidence() {
        return this::found;
    }

    private EvidenceAnswer found() {
        FittedRisk.Fit fit = fitted.current();
        return latest.updateAndGet(said -> said != null
                && said.risk() == fit.risk() ? said : new Said(fit.risk(), of(fit))).answer();
    }

    private static EvidenceAnswer of(FittedRisk.Fit fit) {
        RiskModel risk = fit.risk();
        List<RuleEvidence> rules = RuleEvidence.of(risk);
        return new EvidenceAnswer(risk.trials(), rules, RuleEvidence.ByLuck.of(rules), Arrays.stream(Family.values())
                .map(family -> new FamilyEvidence(family, Calibration.of(risk, family), risk.beliefs(family),
                        Odds.ofHidden(risk, family), ProneView.of(risk, family), ConstantView.of(risk, family))).toList(),
                risk.springback().relaxationH(), risk.springback().measured(), fit.setAside());
    }

    /** Just the records that no forecast uses, for the views that show records. */
    @GetMapping("/api/evidence/set-aside")
    List<SetAside> setAside() {
        return fitted.current().setAside();
    }
}
