package brachion.server.shape;

import brachion.core.forecast.ChainForecast;
import brachion.core.forecast.ChainForecast.BendOfChain;
import brachion.core.forecast.Odds;
import brachion.core.form.Form;
import brachion.core.method.FailureMode;
import brachion.core.method.Recipe;
import brachion.core.shape.Chain;
import brachion.core.shape.Course;
import brachion.core.shape.HeatedZone;
import brachion.core.shape.Turn;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * What there is to say of a curve.
 *
 * @param unbroken      odds that none of its bends breaks
 * @param asWorst       chance if the bends of one piece broke together or not at all
 * @param eachForItself chance if they broke independently
 * @param bends         its bends in order
 * @param near          for each part demand over capacity; 0 for a straight
 * @param onForm        the curve on the form
 * @param thicknessMm   thickness of the piece when it is done [mm]
 * @param middleMm      length along the middle of the piece [mm]
 * @param leftMm        length of the face to its left [mm]
 * @param rightMm       length of the face to its right [mm]
 * @param stockMm       length of stock, with what goes over at both ends [mm]
 * @param strap         its strap; none without one
 * @param heated        where the strip is heated, along it, where each bend has a heat of its own
 * @param crosses       whether the piece comes to lie on itself
 */
record CurveReading(@NotNull Odds unbroken, @NotNull Double asWorst, @NotNull Double eachForItself, @NotNull List<BendView> bends, @NotNull List<Double> near,
                    @NotNull ChainFields onForm, @NotNull Double thicknessMm, @NotNull Double middleMm, @NotNull Double leftMm, @NotNull Double rightMm, @NotNull Double stockMm, StrapReading strap, @NotNull List<ZoneView> heated,
                    @NotNull Boolean crosses) {

    /**
     * A bend of it.
     *
     * @param first        place of its first arc
     * @param last         place of its last arc
     * @param tightestMm   inner radius where it is tightest [mm]
     * @param angleDegrees how far round it goes [°]
     * @param turn         to which side
     * @param fromMm       where it begins along the middle [mm]
     * @param toMm         where it ends [mm]
     * @param tightestAtMm where it is tightest [mm]
     * @param bareFace     whether the strap lies on its inner face, so that its outer one has none
     * @param unbroken     odds that it does not break, asked by itself
     * @param limiting     the failure mode that limits it
     * @param ratio        demand over capacity in that mode
     * @param partMm       thickness of what decides: of the piece, or of the ply, web or thinned place that does [mm]
     * @param formRadiusMm the form its tightest place opens from [mm]
     */
    record BendView(int first, int last, double tightestMm, double angleDegrees, Turn turn, double fromMm, double toMm, double tightestAtMm,
                    boolean bareFace, Odds unbroken, FailureMode limiting, double ratio, double partMm, double formRadiusMm) {

        static BendView of(BendOfChain one) {
            return new BendView(one.bend().first(), one.bend().last(), one.bend().tightestMm(), one.bend().angleDegrees(), one.bend().turn(),
                    one.bend().fromMm(), one.bend().toMm(), one.bend().tightestAtMm(), one.bareFace(), one.odds(), one.limiting(), one.ratio(), one.partMm(),
                    one.formRadiusMm());
        }
    }

    static CurveReading of(Recipe recipe, Chain chain, ChainForecast forecast, double overhangMm) {
        double thickness = recipe.method().finishedMm(recipe.blank().thicknessMm());
        Course middle = chain.middle(thickness);
        double half = thickness / 2;
        double stock = stockMm(recipe, chain, overhangMm);
        StrapReading strap = recipe.method().strap().flatMap(band -> forecast.strap().map(load -> StrapReading.of(band, load, stock))).orElse(null);
        return new CurveReading(forecast.whole(), forecast.asWorst(), forecast.eachForItself(), forecast.bends().stream().map(BendView::of).toList(),
                forecast.nearBreaking(), ChainFields.of(forecast.formed()), thickness, middle.lengthMm(), middle.leftBy(half).lengthMm(), middle.leftBy(-half).lengthMm(),
                stock, strap, heated(recipe, chain, overhangMm).stream().map(ZoneView::of).toList(), Form.crosses(middle, thickness));
    }

    /** Where the strip is heated, along it; nowhere by itself for a way that heats all of it at once. */
    static List<HeatedZone> heated(Recipe recipe, Chain chain, double overhangMm) {
        return recipe.method().heatedByZones() ? HeatedZone.along(chain, recipe.method().finishedMm(recipe.blank().thicknessMm()), overhangMm) : List.of();
    }

    /**
     * A length that is heated for one bend.
     *
     * @param fromMm        where it begins, from the end of the strip [mm]
     * @param toMm          where it ends [mm]
     * @param down          the face that lies on the pipe
     * @param tightestMm    inner radius of the bend where it is tightest [mm]
     * @param angleDegrees  how far round it goes [°]
     * @param tightestFirst when its turn comes where the tightest is made first, from 1
     */
    record ZoneView(double fromMm, double toMm, Turn down, double tightestMm, double angleDegrees, int tightestFirst) {

        static ZoneView of(HeatedZone zone) {
            return new ZoneView(zone.fromMm(), zone.toMm(), zone.bend().turn(), zone.bend().tightestMm(), zone.bend().angleDegrees(), zone.tightestFirst());
        }
    }

    /** Length of stock [mm]: along the outer faces where a strap takes all stretch, along the middle where none does. */
    static double stockMm(Recipe recipe, Chain chain, double overhangMm) {
        double thickness = recipe.method().finishedMm(recipe.blank().thicknessMm());
        return 2 * overhangMm + (recipe.method().strap().isPresent() ? chain.outerMm(thickness) : chain.middle(thickness).lengthMm());
    }
}
