package brachion.server.day;

import brachion.core.bench.Step;
import brachion.server.day.DayReading.DayPlanView;
import brachion.server.day.ProposalReading.DayPieceView;
import brachion.server.day.ProposalReading.DaySlotView;
import brachion.server.rig.RigItemFields;
import brachion.server.rig.RigItems;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.stereotype.Component;

/**
 * The plan of the day as a calendar: an event for each time hands are wanted. An event keeps its name for good, so that taking the
 * calendar out again moves it and does not double it.
 */
@Component
class CalendarOfDay {

    private final RigItems rig;

    CalendarOfDay(RigItems rig) {
        this.rig = rig;
    }

    String of(DayReading day) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Brachion//The day//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        if (day.plan() != null) {
            List<DaySlotView> slots = day.plan().slots();
            Map<Long, RigItemFields> things = rig.of(slots.stream().flatMap(slot -> slot.items().stream()).distinct().toList());
            slots.stream().filter(slot -> !slot.begun() && slot.handsOffAt().isAfter(slot.beginsAt()))
                    .forEach(slot -> calendar.add(event(day.plan().pieces().get(slot.piece()), slot, things, day.plan())));
        }
        return calendar.toString();
    }

    private static VEvent event(DayPieceView piece, DaySlotView slot, Map<Long, RigItemFields> things, DayPlanView plan) {
        VEvent event = new VEvent(slot.beginsAt(), slot.handsOffAt(), piece.name() + ": " + work(slot.step()));
        event.removeAll("DTSTAMP");
        event.add(new DtStamp(plan.madeAt()));
        event.add(new Uid(uid(piece, slot.step())));
        // who has it in a calendar already is told that this is newer
        event.add(new Sequence((int) (plan.madeAt().getEpochSecond() / 60)));
        String with = slot.items().stream().map(things::get).filter(Objects::nonNull).map(RigItemFields::name).collect(Collectors.joining(", "));
        if (!with.isEmpty()) {
            event.add(new Description(with));
        }
        slot.items().stream().map(things::get).filter(Objects::nonNull).map(RigItemFields::place).filter(Objects::nonNull).findFirst().ifPresent(place -> event.add(new Location(place)));
        return event;
    }

    private static String uid(DayPieceView piece, Step step) {
        String which = piece.jobId() == null ? "bench-" + piece.pieceId() : "job-" + piece.jobId() + "-piece-" + piece.number();
        return which + "-" + step.name().toLowerCase(Locale.ROOT) + "@brachion";
    }

    private static String work(Step step) {
        return switch (step) {
            case SOAKING -> "lay in water";
            case HEATING -> "into the heat";
            case BENDING, IN_CLAMPS -> "bend and clamp";
            case DRYING -> "off the form, hang to dry";
            case GLUING -> "glue and clamp";
            case FINISHED -> "out of the clamps";
            default -> "work";
        };
    }
}
