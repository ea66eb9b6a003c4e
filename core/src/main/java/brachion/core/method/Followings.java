package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.process.Piece;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.SectionField;
import brachion.core.process.Stage;
import java.util.List;

/** Pieces followed through their stages, remembered for whoever asks again. */
final class Followings {

    private static final ConditionMemo MEMO = new ConditionMemo();

    private Followings() {
    }

    /**
     * How a piece was found at the end.
     *
     * @param condition  softness and moisture through its thickness
     * @param innerFaceC temperature of its inner face [°C]
     * @param outerFaceC temperature of its outer face [°C]
     */
    record End(SectionCondition condition, double innerFaceC, double outerFaceC) {

        static End of(ProcessSimulation simulation) {
            SectionField faces = simulation.field();
            return new End(simulation.condition(), faces.innerFaceC(), faces.outerFaceC());
        }
    }

    /** How a piece is after its stages. */
    static SectionCondition after(Piece piece, List<Stage> stages, Physics physics) {
        return end(piece, stages, physics).condition();
    }

    /** The same with how hot its faces are. */
    static End end(Piece piece, List<Stage> stages, Physics physics) {
        return MEMO.of(piece, stages, physics, () -> {
            ProcessSimulation simulation = new ProcessSimulation(piece, physics);
            stages.forEach(simulation::run);
            return End.of(simulation);
        });
    }

    static boolean knows(Piece piece, List<Stage> stages) {
        return MEMO.knows(piece, stages, Physics.USUAL);
    }

    static void learn(Piece piece, List<Stage> stages, End end) {
        MEMO.learn(piece, stages, Physics.USUAL, end);
    }
}
