package brachion.server.paper;

import brachion.server.paper.DaySheetFields.BarFields;
import brachion.server.paper.DaySheetFields.LaneFields;
import brachion.server.paper.DaySheetFields.WorkDayFields;
import brachion.server.paper.Sketch.Ink;
import java.util.stream.Stream;

/** A day of work drawn as lanes: the hours across, a lane for the hands and one for each thing in the rig. */
final class DayLanes {

    private static final double LABEL_MM = 46;
    private static final double HOURS_MM = 6;
    private static final double ROW_MM = 5.3;
    private static final double BAR_MM = 4.6;
    private static final double GAP_MM = 1.6;
    private static final int HOUR = 60;
    /** Hours are written no closer than that. */
    private static final double HOUR_WORD_MM = 9;
    private static final int[] EACH = {1, 2, 3, 4, 6, 12, 24};

    private final WorkDayFields day;
    private final double widthMm;

    private DayLanes(WorkDayFields day, double widthMm) {
        this.day = day;
        this.widthMm = widthMm;
    }

    static Sketch of(WorkDayFields day, double widthMm) {
        return new DayLanes(day, widthMm).drawn();
    }

    private Sketch drawn() {
        double high = HOURS_MM + day.lanes().stream().mapToDouble(DayLanes::high).sum();
        Sketch on = new Sketch(widthMm, high);
        int each = each();
        for (int hour = (day.from() + HOUR - 1) / HOUR; hour * HOUR <= day.to(); hour++) {
            on.line(x(hour * HOUR), HOURS_MM, x(hour * HOUR), high, Ink.FINE);
            if (hour % each == 0) {
                on.word(String.valueOf(hour % 24), x(hour * HOUR), HOURS_MM - 0.6);
            }
        }
        double top = HOURS_MM;
        for (LaneFields lane : day.lanes()) {
            lane(lane, top, on);
            top += high(lane);
            on.line(0, top - GAP_MM / 2, widthMm, top - GAP_MM / 2, Ink.FINE);
        }
        return on;
    }

    private int each() {
        double hourMm = x(day.from() + HOUR) - x(day.from());
        for (int each : EACH) {
            if (each * hourMm >= HOUR_WORD_MM) {
                return each;
            }
        }
        return 24;
    }

    private static double high(LaneFields lane) {
        return (1 + lane.bars().stream().mapToInt(BarFields::row).max().orElse(0)) * ROW_MM + GAP_MM;
    }

    private double x(int minute) {
        return LABEL_MM + (widthMm - LABEL_MM) * (Math.max(day.from(), Math.min(day.to(), minute)) - day.from()) / (double) (day.to() - day.from());
    }

    private void lane(LaneFields lane, double top, Sketch on) {
        String label = fitting(lane.label(), LABEL_MM - 1);
        on.wordFrom(label, 0, top + ROW_MM - 0.3);
        for (BarFields bar : lane.bars()) {
            if (bar.to() <= day.from() || bar.from() >= day.to()) {
                continue;
            }
            double left = x(bar.from());
            double wide = Math.max(0.6, x(bar.to()) - left);
            on.box(left, top + bar.row() * ROW_MM + 0.5, wide, BAR_MM, Ink.LINE, true);
            Stream.of(bar.name(), bar.number()).filter(name -> Sketch.wide(name) <= wide).findFirst()
                    .ifPresent(name -> on.word(name, left + wide / 2, top + bar.row() * ROW_MM + BAR_MM + 0.4));
        }
    }

    private static String fitting(String text, double roomMm) {
        String shorter = text;
        while (Sketch.wide(shorter) > roomMm) {
            shorter = shorter.substring(0, shorter.length() - 2).strip() + "…";
        }
        return shorter;
    }
}
