package brachion.server.forecasting;

import brachion.core.bending.BendSection;
import brachion.core.bending.StrapLoad;
import brachion.core.forecast.BlemishForecast;
import brachion.core.forecast.Evidence;
import brachion.core.forecast.Forecast;
import brachion.core.forecast.MissingMeasurement;
import brachion.core.forecast.ModeForecast;
import brachion.core.forecast.NearRecord;
import brachion.core.forecast.Odds;
import brachion.core.forecast.SpringbackForecast;
import brachion.core.method.Demand;
import brachion.core.method.Doubt;
import brachion.core.method.Recipe;
import brachion.core.method.Sheet;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.Measurement;
import brachion.core.trial.Severity;
import java.util.List;

/**
 * A forecast as it travels.
 *
 * @param unbroken         odds that the piece does not break
 * @param clean            odds that nothing shows
 * @param unbrokenByTables the first of these by published radii alone
 * @param hidden           share of pieces that break for reasons nothing measured explains; part of the odds
 * @param modes            failure modes, the limiting one first
 * @param blemishes        what may spoil it although it holds, the likeliest first
 * @param section          the drawn section
 * @param springback       how far it opens when it is let go
 * @param missing          what nobody measured, the most telling first
 * @param doubts           what can hardly be meant, to be asked about
 * @param evidence         what the odds rest on
 * @param sheet            what is measured out at the bench, in the order of work
 * @param fit              the fit that answered
 */
record ForecastAnswer(Odds unbroken, Odds clean, Odds unbrokenByTables, double hidden, List<ModeForecast> modes, List<BlemishForecast> blemishes,
                      SectionView section, SpringbackForecast springback, List<MissingMeasurement> missing,
                      EvidenceView evidence, List<Doubt> doubts, List<MeasuredOut> sheet, FitView fit) {

    /**
     * One line of the sheet for the bench.
     *
     * @param measure     what is measured out
     * @param measurement how it is measured and printed
     * @param value       how much, in the unit of that measurement
     */
    record MeasuredOut(Sheet.Measure measure, Measurement measurement, double value) {

        static List<MeasuredOut> of(Recipe recipe) {
            return recipe.method().sheet(recipe).lines().stream()
                    .map(line -> new MeasuredOut(line.measure(), line.measure().measurement(), line.value())).toList();
        }
    }

    /**
     * What the odds rest on.
     *
     * @param trialsOfFamily how many trials the fit used, of all the ways of bending that inform each other
     * @param trialsThisWay  how many of them were bent this way
     * @param trialsNear     how many of them asked of every face what this bend asks, within a factor
     * @param ofOtherShops   how many of all these, and of those near, are records of other shops
     * @param beyondRecords  whether this bend asks more than any of them was asked
     * @param guesses        how much of the doubt comes from what nobody knows of the shop's heat, water and straps, 0 to 1
     * @param nearest        the records most like it, nearest first
     */
    record EvidenceView(int trialsOfFamily, int trialsThisWay, int trialsNear, Evidence.OfOtherShops ofOtherShops, boolean beyondRecords, double guesses,
                        List<NearView> nearest) {

        static EvidenceView of(Evidence evidence) {
            return new EvidenceView(evidence.trialsOfFamily(), evidence.trialsThisWay(), evidence.trialsNear(), evidence.ofOtherShops(), evidence.beyondRecords(),
                    evidence.guesses(),
                    evidence.nearest().stream().map(NearView::of).toList());
        }
    }

    /**
     * A record like the piece asked about.
     *
     * @param trialId       key of the trial
     * @param speciesId     its wood
     * @param thicknessMm   its thickness [mm]
     * @param innerRadiusMm its radius [mm]
     * @param severity      how it ended
     * @param alike         what the two have in common
     */
    record NearView(long trialId, String speciesId, double thicknessMm, double innerRadiusMm, Severity severity,
                    List<NearRecord.Likeness> alike) {

        static NearView of(NearRecord near) {
            Recipe recipe = near.trial().recipe();
            return new NearView(near.trial().id(), recipe.blank().species().id(), recipe.blank().thicknessMm(),
                    recipe.bend().innerRadiusMm(), near.trial().outcome().severity(), near.alike());
        }
    }

    /**
     * The section of the most ordinary piece this could be.
     *
     * @param thicknessMm     thickness of the piece bent at once [mm]
     * @param innerRadiusMm   inner radius [mm]
     * @param neutralAxis     share of the thickness from the inner face where nothing is stretched or squeezed
     * @param outerStrain     strain of the outer face, stretch positive
     * @param innerStrain     strain of the inner face, squeeze negative
     * @param tensionLimit    stretch the outer face bears
     * @param compressionLimit squeeze the inner face bears, positive
     * @param outerSoftness   softness of the outer quarter, 0 hard to 1 soft
     * @param innerSoftness   softness of the inner half
     * @param moisturePercent moisture taken for the drawing [%]
     * @param leverMm         length of a lever [mm]
     * @param pullN           pull at its end that holds the piece on the form [N]
     * @param strapStressMpa  tension in the strap [MPa]
     * @param strapBearsMpa   tension it bears without staying longer [MPa], 0 without a strap
     * @param strapPullN      what it pulls with on its anchor [N]
     * @param endPressureMpa  pressure of its stops on the end grain [MPa]
     * @param endCrushingMpa  pressure under which the end grain crushes [MPa]
     * @param radiiEstimated  whether the limits rest on estimated radii of the species
     */
    record SectionView(double thicknessMm, double innerRadiusMm, double neutralAxis, double outerStrain,
                       double innerStrain, double tensionLimit, double compressionLimit, double outerSoftness,
                       double innerSoftness, double moisturePercent, double leverMm, double pullN, double strapStressMpa,
                       double strapBearsMpa, double strapPullN, double endPressureMpa, double endCrushingMpa, boolean radiiEstimated) {

        /** Two feet; common practice. */
        private static final double LEVER_MM = 24 * LengthUnit.INCH.millimetres();

        static SectionView of(Demand demand) {
            BendSection section = demand.section();
            StrapLoad load = demand.strapLoad();
            return new SectionView(section.thicknessMm(), section.innerRadiusMm(), demand.state().neutralAxis(),
                    demand.state().outerStrain(), demand.state().innerStrain(), demand.limits().tension(),
                    demand.limits().compression(), section.condition().outerQuarterSoftness(),
                    section.condition().innerHalfSoftness(), section.condition().moisturePercent(0),
                    LEVER_MM, demand.state().pullNewtons(LEVER_MM), load.stressMpa(),
                    section.strap().map(strap -> strap.material().bearsMpa()).orElse(0.0), load.pullN(),
                    load.endPressureMpa(), load.endCrushingMpa(),
                    section.species().radii().estimated());
        }
    }

    /**
     * Which fit answered.
     *
     * @param revision revision of the records it was made from
     * @param trials   how many trials it used
     * @param behind   whether trials have changed since and a newer fit is being made
     */
    record FitView(long revision, int trials, boolean behind) {
    }

    static ForecastAnswer of(Forecast forecast, Recipe recipe, List<Doubt> doubts, FittedRisk.Fit fit) {
        return new ForecastAnswer(forecast.unbroken(), forecast.clean(), forecast.unbrokenByTables(), forecast.hidden(),
                forecast.modes(), forecast.blemishes(), SectionView.of(forecast.typical()), forecast.springback(), forecast.missing(),
                EvidenceView.of(forecast.evidence()), doubts,
                MeasuredOut.of(recipe),
                new FitView(fit.revision(), fit.risk().trials(), fit.behind()));
    }
}
