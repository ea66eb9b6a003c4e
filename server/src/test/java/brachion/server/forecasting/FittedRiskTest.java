package brachion.server.forecasting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Family;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.server.ServerTest;
import brachion.server.Wire;
import brachion.server.trial.CameFrom;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import tools.jackson.databind.json.JsonMapper;

/** What is kept of a fit from one start to the next, and a record counted in ahead of the next fit. */
@ServerTest
class FittedRiskTest {

    @Autowired
    private MockMvcTester mvc;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private Trials trials;

    @Autowired
    private FittedRisk fitted;

    @Autowired
    private JsonMapper json;

    @Autowired
    private KeptPieces pieces;

    @Autowired
    private KeptRecords records;

    private void logOne() {
        Wire.post(mvc, "/api/trials", Wire.trial(Wire.recipe(12, 150, Wire.STEAM), "{\"severity\": \"CLEAN\"}"));
    }

    /** Without telling anybody, so that nothing is fitted and kept behind the scenes meanwhile. */
    private void writeDown(int count) {
        trials.log(IntStream.range(0, count).mapToObj(i -> json.readValue(Wire.trial(Wire.recipe(12 + i, 150, Wire.STEAM), "{\"severity\": \"CLEAN\"}"), TrialFields.class))
                .toList(), CameFrom.HERE);
    }

    private List<Trial> missed() {
        KeptPieces.Lookup lookup = pieces.lookup();
        RiskModel.fit(trials.recorded().trials(), Optional.empty(), lookup::find);
        return List.copyOf(lookup.missed());
    }

    /** As after a start: a fit that knows no earlier one. */
    private FittedRisk.Fit afterAStart() {
        return new FittedRisk(trials, pieces, records).current();
    }

    private void awaitKept(int count) throws InterruptedException {
        while (jdbc.queryForObject("select count(*) from followed_piece", Integer.class) < count) {
            Thread.sleep(20);
        }
    }

    @Test
    void a_start_takes_over_what_was_worked_out_before_it() throws InterruptedException {
        writeDown(4);
        FittedRisk.Fit before = afterAStart();
        awaitKept(4);
        assertThat(missed()).isEmpty();
        FittedRisk.Fit after = afterAStart();
        Possible asked = Possible.known(before.risk().records(Family.HOT_WOOD).get(0).piece());
        assertThat(after.risk().holds(Severity.FLAW, asked)).isEqualTo(before.risk().holds(Severity.FLAW, asked));
    }

    @Test
    void what_was_kept_of_another_computation_or_is_damaged_is_worked_out_anew() throws InterruptedException {
        writeDown(3);
        afterAStart();
        awaitKept(3);
        List<Trial> missed = List.of();
        // a fit that another test asked for may still keep what it worked out, once, over what is damaged here
        for (int tries = 0; tries < 3 && missed.size() != 2; tries++) {
            jdbc.update("update followed_piece set piece_key = repeat('0', 32) order by trial_id limit 1");
            jdbc.update("update followed_piece set followed = '[1]' order by trial_id desc limit 1");
            missed = missed();
        }
        assertThat(missed).hasSize(2);
        assertThat(afterAStart().risk().trials()).isEqualTo(3);
    }

    @Test
    void among_many_records_a_new_one_is_counted_in_at_once() {
        logOne();
        TrialFields one = Wire.written(trials).get(0);
        trials.log(Collections.nCopies(1100, one), CameFrom.HERE);
        FittedRisk.Fit before = fitted.current();
        while (before.behind()) {
            before = fitted.current();
        }
        logOne();
        FittedRisk.Fit ahead = fitted.current();
        assertThat(ahead.behind()).isFalse();
        assertThat(ahead.revision()).isEqualTo(trials.revision());
        assertThat(ahead.risk().trials()).isEqualTo(1102);
        Possible asked = Possible.known(trials.recorded().trials().get(0).recipe());
        RiskModel anew = RiskModel.fit(trials.recorded().trials());
        assertThat(ahead.risk().holds(Severity.FLAW, asked)).isCloseTo(anew.holds(Severity.FLAW, asked), within(0.01));
    }
}
