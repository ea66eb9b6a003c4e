package brachion.server.rig;

import brachion.core.bench.ItemKind;
import brachion.core.bench.RigItem;
import brachion.core.bench.Trait;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Glue;
import brachion.core.process.Shop;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A thing in the rig; what is measured depends on its kind, and null when nobody did.
 *
 * @param kind            what it is
 * @param name            what it is called
 * @param room            how many pieces it holds at once; of clamps, how many there are
 * @param place           where it hangs or stands, null when nobody wrote it down
 * @param note            anything else; may be empty
 * @param radiusMm        inner radius of the curve a form gives [mm]
 * @param angleDegrees    angle through which it bends a piece [°]
 * @param widthMm         width of the stock it takes [mm]
 * @param lengthMm        length of the stock it takes [mm]
 * @param thicknessMm     thickness of a strap [mm]
 * @param reachMm         how far clamps open [mm]
 * @param openMinutes     how long a glue stays open at 20 °C, by its label [min]
 * @param clampedHours    how long it stays in the clamps, by its label [h]
 * @param celsius         temperature where pieces dry [°C]
 * @param humidityPercent relative humidity there [%]
 * @param material        what a strap is made of
 * @param glue            what kind of glue it is
 * @param label           what else the label of a glue says, null for nothing
 * @param form            how a form is built, null when nobody said
 */
@Embeddable
public record RigItemFields(
        @NotNull(message = "Say what it is.") @Enumerated(EnumType.STRING) ItemKind kind,
        @NotBlank(message = "Give it a name.") @Size(max = 80, message = "A name may be up to 80 characters long.") String name,
        @NotNull(message = "Say how many pieces it holds at once.") @Within(PhysicalBound.PIECES) Integer room,
        @Size(max = 80, message = "A place may be up to 80 characters long.") String place,
        @NotNull @Size(max = 2000, message = "A note may be up to 2,000 characters long.") String note,
        @Within(PhysicalBound.INNER_RADIUS_MM) Double radiusMm,
        @Within(PhysicalBound.ANGLE_DEGREES) Double angleDegrees,
        @Within(PhysicalBound.WIDTH_MM) Double widthMm,
        @Within(PhysicalBound.PIECE_LENGTH_MM) Double lengthMm,
        @Within(PhysicalBound.STRAP_THICKNESS_MM) Double thicknessMm,
        @Within(PhysicalBound.REACH_MM) Double reachMm,
        @Within(PhysicalBound.OPEN_MINUTES) Double openMinutes,
        @Within(PhysicalBound.CLAMPED_HOURS) Double clampedHours,
        @Within(PhysicalBound.SHOP_C) Double celsius,
        @Within(PhysicalBound.HUMIDITY_PERCENT) Double humidityPercent,
        @Enumerated(EnumType.STRING) StrapMaterial material,
        @Enumerated(EnumType.STRING) Glue glue,
        @Valid LabelFields label,
        @Valid FormFields form) {

    /** A name is the same with blanks around it, and none is nobody. */
    public RigItemFields {
        name = name == null ? null : name.strip();
        place = Absent.given(place);
    }

    /** Refuses what such a thing does not have, naming the field. */
    void requireSense() {
        Map<String, Boolean> foreign = new LinkedHashMap<>();
        measured().forEach(measured -> foreign.put(measured.field(), !kind.has(measured.trait())));
        foreign.put("material", material != null && kind != ItemKind.STRAP);
        foreign.put("glue", glue != null && kind != ItemKind.GLUE);
        foreign.put("label", label != null && kind != ItemKind.GLUE);
        foreign.put("form", form != null && kind != ItemKind.FORM);
        foreign.forEach((field, there) -> {
            if (there) {
                throw new RefusedFieldException(field, "That is not said of such a thing.");
            }
        });
    }

    /** A trait with the field it travels in. */
    private record Measured(Trait trait, String field, Double value) {
    }

    /** What was measured of it. */
    private List<Measured> measured() {
        return Stream.of(new Measured(Trait.RADIUS, "radiusMm", radiusMm), new Measured(Trait.ANGLE, "angleDegrees", angleDegrees),
                new Measured(Trait.WIDTH, "widthMm", widthMm), new Measured(Trait.LENGTH, "lengthMm", lengthMm),
                new Measured(Trait.THICKNESS, "thicknessMm", thicknessMm), new Measured(Trait.REACH, "reachMm", reachMm),
                new Measured(Trait.OPEN_TIME, "openMinutes", openMinutes), new Measured(Trait.CLAMPED, "clampedHours", clampedHours),
                new Measured(Trait.CELSIUS, "celsius", celsius), new Measured(Trait.HUMIDITY, "humidityPercent", humidityPercent))
                .filter(measured -> measured.value() != null).toList();
    }

    /** The air of a drying place; what nobody measured there is as in the shop. */
    public Shop airIn(Shop shop) {
        return new Shop(celsius == null ? shop.celsius() : celsius, humidityPercent == null ? shop.relativeHumidity() : humidityPercent / 100, shop.altitudeM());
    }

    /** The air of the first place where pieces dry; the shop's where there is none. */
    public static Shop dryingAir(Collection<RigItemFields> things, Shop shop) {
        return things.stream().filter(item -> item.kind() == ItemKind.DRYING_PLACE).findFirst().map(item -> item.airIn(shop)).orElse(shop);
    }

    /** As the core knows it. */
    public RigItem toItem() {
        return new RigItem(kind, room, measured().stream().collect(Collectors.toMap(Measured::trait, Measured::value)), Optional.ofNullable(material),
                Optional.ofNullable(glue));
    }
}
