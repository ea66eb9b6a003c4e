package brachion.core.schedule;

import brachion.core.schedule.Schedule.Slot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Whether a schedule can be worked, looked at minute by minute and without anything the schedule was made with. */
final class Checker {

    private final ScheduleProblem problem;
    private final Schedule schedule;
    private final List<String> wrong = new ArrayList<>();

    private Checker(ScheduleProblem problem, Schedule schedule) {
        this.problem = problem;
        this.schedule = schedule;
    }

    /** What is wrong with it; nothing when it can be worked. */
    static List<String> wrong(ScheduleProblem problem, Schedule schedule) {
        Checker checker = new Checker(problem, schedule);
        for (int p = 0; p < problem.pieces().size(); p++) {
            checker.piece(p);
        }
        checker.together();
        return checker.wrong;
    }

    private void piece(int p) {
        PieceOfWork piece = problem.pieces().get(p);
        Map<Integer, Slot> slots = new HashMap<>();
        schedule.slots().stream().filter(slot -> slot.piece() == p).forEach(slot -> {
            if (slots.put(slot.operation(), slot) != null) {
                wrong.add(slot + " is there twice");
            }
        });
        for (int i = Math.max(0, piece.begun() - 1); i < piece.operations().size(); i++) {
            Operation operation = piece.operations().get(i);
            Slot slot = slots.get(i);
            if (slot == null) {
                wrong.add(piece.key() + " is never at " + operation);
                continue;
            }
            boolean begun = i < piece.begun();
            if (begun ? slot.begins() != piece.begunAt() : slot.begins() < 0) {
                wrong.add(slot + " does not begin when it does");
            }
            if (slot.handsOff() != slot.begins() + operation.handsMinutes() || slot.ready() != slot.handsOff() + operation.minutes()) {
                wrong.add(slot + " is not as long as " + operation);
            }
            if (i == piece.begun() && slot.begins() < piece.earliest() && (i == 0 || slots.get(i - 1).ready() + (long) piece.operations().get(i - 1).slackMinutes() > piece.earliest())) {
                wrong.add(slot + " begins sooner than it may");
            }
            Slot next = slots.get(i + 1);
            int ends = next == null ? slot.ready() : next.begins();
            boolean late = next != null && next.begins() > (long) slot.ready() + operation.slackMinutes();
            // what has begun may be late already
            if (slot.ends() != ends && !(begun && next == null) || next != null && next.begins() < slot.ready() || late && !begun) {
                wrong.add(slot + " is not followed as it has to be by " + next);
            }
            if (!begun) {
                things(operation, slot);
                hours(operation, slot);
            }
        }
    }

    private void things(Operation operation, Slot slot) {
        for (int need = 0; need < operation.needs().size(); need++) {
            if (!operation.needs().get(need).things().contains(slot.things().get(need))) {
                wrong.add(slot + " takes what does not do");
            }
        }
    }

    private void hours(Operation operation, Slot slot) {
        int there = operation.watched() ? slot.ready() : operation.people() > 0 ? slot.handsOff() : slot.begins();
        boolean open = problem.hours().hours().stream().anyMatch(hours -> hours.from() + operation.warmUpMinutes() <= slot.begins() && there <= hours.to());
        if (!open && (operation.watched() || operation.people() > 0)) {
            wrong.add(slot + " is not in hours of work");
        }
    }

    /** Each moment at which anything begins. What was begun before is as it is. */
    private void together() {
        schedule.slots().stream().mapToInt(Slot::begins).filter(begins -> begins >= 0).distinct().forEach(moment -> {
            int hands = 0;
            int[] taken = new int[problem.room().size()];
            boolean allBegun = true;
            for (Slot slot : schedule.slots()) {
                PieceOfWork piece = problem.pieces().get(slot.piece());
                Operation operation = piece.operations().get(slot.operation());
                hands += slot.begins() <= moment && moment < slot.handsOff() ? operation.people() : 0;
                for (int need = 0; need < slot.things().size(); need++) {
                    taken[slot.things().get(need)] += slot.begins() <= moment && moment < slot.ends() ? operation.needs().get(need).takes() : 0;
                }
                allBegun &= slot.operation() < piece.begun() || slot.begins() != moment;
            }
            if (hands > problem.people() && !allBegun) {
                wrong.add(hands + " pairs of hands at " + moment);
            }
            for (int thing = 0; thing < taken.length; thing++) {
                if (taken[thing] > problem.room().get(thing) && !allBegun) {
                    wrong.add(taken[thing] + " of thing " + thing + " at " + moment);
                }
            }
        });
    }
}
