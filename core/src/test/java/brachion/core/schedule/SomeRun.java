package brachion.core.schedule;

import brachion.core.bench.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;

/** Runs by chance: soaked and not, hot and glued, few forms and many, begun and not, in days of work with a rest between them. */
final class SomeRun {

    private static final int DAY = 24 * 60;
    private static final int TROUGH = 0;
    private static final int BOX = 1;
    private static final int RACK = 2;
    private static final int CLAMPS = 3;
    private static final int FORMS = 4;

    private SomeRun() {
    }

    static WorkingHours days(int many) {
        return new WorkingHours(IntStream.range(0, many).filter(day -> day % 7 < 5).mapToObj(day -> new WorkingHours.Hours(day * DAY + 8 * 60, day * DAY + 17 * 60)).toList());
    }

    static ScheduleProblem of(long seed, int mostPieces) {
        Random random = new Random(seed);
        int forms = 1 + random.nextInt(3);
        List<Integer> room = new ArrayList<>(List.of(2 + random.nextInt(5), 1 + random.nextInt(3), 10 + random.nextInt(30), 8));
        IntStream.range(0, forms).forEach(form -> room.add(1));
        List<PieceOfWork> pieces = new ArrayList<>();
        int many = 1 + random.nextInt(mostPieces);
        int[] held = new int[room.size()];
        for (int i = 0; i < many; i++) {
            pieces.add(asFarAsThereIsRoom(piece("piece " + i, random, forms), room, held));
        }
        return new ScheduleProblem(pieces, List.of(OptionalInt.empty(), OptionalInt.of(6 * DAY)), room, 1 + random.nextInt(2), days(300));
    }

    /** No more is held than there is. */
    private static PieceOfWork asFarAsThereIsRoom(PieceOfWork piece, List<Integer> room, int[] held) {
        for (int need = 0; need < piece.holds().size(); need++) {
            int takes = piece.operations().get(piece.begun() - 1).needs().get(need).takes();
            if (held[piece.holds().get(need)] + takes > room.get(piece.holds().get(need))) {
                return PieceOfWork.untouched(piece.key(), piece.job(), piece.operations());
            }
        }
        for (int need = 0; need < piece.holds().size(); need++) {
            held[piece.holds().get(need)] += piece.operations().get(piece.begun() - 1).needs().get(need).takes();
        }
        return piece;
    }

    private static PieceOfWork piece(String key, Random random, int forms) {
        List<Integer> any = IntStream.range(FORMS, FORMS + forms).boxed().toList();
        List<Operation> all = new ArrayList<>();
        if (random.nextBoolean()) {
            all.add(new Operation(Step.SOAKING, 1, 3, 60 * (1 + random.nextInt(24)), 3 * DAY, false, 0, List.of(new Requirement(List.of(TROUGH), 1))));
        }
        boolean hot = random.nextInt(4) > 0;
        if (hot) {
            int minutes = 15 + random.nextInt(60);
            all.add(new Operation(Step.HEATING, 1, 3, minutes, Math.max(10, minutes / 4), true, 30, List.of(new Requirement(List.of(BOX), 1))));
            all.add(new Operation(Step.BENDING, 1, 10, 60 * (1 + random.nextInt(30)), Operation.ANY_TIME, false, 0,
                    List.of(new Requirement(any, 1), new Requirement(List.of(CLAMPS), 1 + random.nextInt(4)))));
            all.add(new Operation(Step.DRYING, 1, 5, DAY * random.nextInt(6), Operation.ANY_TIME, false, 0, List.of(new Requirement(List.of(RACK), 1))));
        }
        if (!hot || random.nextInt(3) == 0) {
            all.add(new Operation(Step.PLANNED, 0, 0, 0, Operation.ANY_TIME, false, 0, List.of()));
            all.add(new Operation(Step.GLUING, 1, 25, 10 * 60, Operation.ANY_TIME, false, 0, List.of(new Requirement(any, 1), new Requirement(List.of(CLAMPS), 4))));
            all.add(new Operation(Step.FINISHED, 1, 5, 0, 0, false, 0, List.of()));
        }
        int begun = random.nextInt(5) == 0 ? 1 + random.nextInt(all.size()) : 0;
        int begunAt = begun == 0 ? 0 : -random.nextInt(all.get(begun - 1).lasts() + 60);
        List<Integer> holds = begun == 0 ? List.of() : all.get(begun - 1).needs().stream().map(need -> need.things().get(random.nextInt(need.things().size()))).toList();
        int earliest = begun == 0 && random.nextInt(4) == 0 ? random.nextInt(5 * DAY) : 0;
        return new PieceOfWork(key, random.nextInt(2), all, begun, begunAt, holds, earliest, List.of());
    }
}
