package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.process.Piece;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Stage;
import java.util.List;

/** Pieces followed through their stages, remembered for whoever asks again. */
final class Followings {

    private static final ConditionMemo MEMO = new ConditionMemo();

    private Followings() {
    }

    /** How a piece is after its stages. */
    static SectionCondition after(Piece piece, List<Stage> stages, Physics physics) {
        return MEMO.of(piece, stages, physics, () -> {
            ProcessSimulation simulation = new ProcessSimulation(piece, physics);
            stages.forEach(simulation::run);
            return simulation.condition();
        });
    }

    static boolean knows(Piece piece, List<Stage> stages) {
        return MEMO.knows(piece, stages, Physics.USUAL);
    }

    static void learn(Piece piece, List<Stage> stages, SectionCondition condition) {
        MEMO.learn(piece, stages, Physics.USUAL, condition);
    }
}
