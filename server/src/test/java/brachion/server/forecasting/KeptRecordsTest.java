package brachion.server.forecasting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Family;
import brachion.core.risk.Possible;
import brachion.core.risk.SetAside;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.server.ServerTest;
import brachion.server.Wire;
import brachion.server.forecasting.FittedRisk.Fit;
import brachion.server.problem.RefusedRequestException;
import brachion.server.trial.CameFrom;
import brachion.server.trial.TrialFields;
import brachion.server.trial.TrialLogged;
import brachion.server.trial.Trials;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.json.JsonMapper;

/** The first fit after a start takes the records as they were kept together, but only where nothing has changed since. */
@ServerTest
@Timeout(600)
class KeptRecordsTest {

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private Trials trials;

    @Autowired
    private JsonMapper json;

    @Autowired
    private KeptPieces pieces;

    @Autowired
    private KeptRecords records;

    @Autowired
    private FittedRisk running;

    @BeforeEach
    void writeDown() {
        // what the server of this test fitted for others it keeps now, and not while something is looked at here
        running.keep();
        database.update("delete from kept_records");
        Stream<String> used = IntStream.range(0, 1101).mapToObj(i -> Wire.trial(Wire.recipe(12 + i * 0.001, 150, i % 7 == 0 ? Wire.EIGHT_PLIES : Wire.STEAM),
                i % 5 == 0 ? "{\"severity\": \"BROKEN\", \"flaw\": \"SNAP\"}" : "{\"severity\": \"CLEAN\", \"releasedRadiusMm\": 156}"));
        Stream<String> setAside = Stream.of(Wire.trial(Wire.recipe(12, 200, Wire.STEAM), "{\"severity\": \"CLEAN\", \"releasedRadiusMm\": 8}"));
        trials.log(Stream.concat(setAside, used).map(each -> json.readValue(each, TrialFields.class)).toList(), CameFrom.HERE);
        // of a wood that is gone
        database.update("update trial set species_id = 'petrified-oak' order by id desc limit 1");
    }

    /** As after a start: knows no earlier fit. */
    private FittedRisk started() {
        return new FittedRisk(trials, pieces, records);
    }

    /** Asks until it is there, as a page does; on a slow machine the first fit takes longer than a request may wait. */
    private static Fit fit(FittedRisk started) {
        while (true) {
            try {
                Fit fit = started.current();
                if (!fit.behind()) {
                    return fit;
                }
            } catch (RefusedRequestException notYet) {
                assertThat(notYet.status()).isEqualTo(HttpStatus.SERVICE_UNAVAILABLE);
            }
        }
    }

    /** Of a server that ended after it had fitted all. */
    private Fit before() {
        FittedRisk server = started();
        Fit fit = fit(server);
        server.keep();
        return fit;
    }

    /** Past everybody, so that whoever reads the records one by one finds them otherwise. */
    private void changeUnseen() {
        database.update("update trial set severity = 'CLEAN', flaw = null");
    }

    private static double odds(Fit fit) {
        return fit.risk().holds(Severity.FLAW, Possible.known(fit.risk().records(Family.HOT_WOOD).get(0).piece()));
    }

    @Test
    void a_start_answers_as_the_server_before_it_did_without_reading_each_record() {
        Fit before = before();
        assertThat(before.risk().trials()).as("more than a part").isGreaterThan(1000);
        changeUnseen();
        Fit after = fit(started());
        assertThat(after.revision()).isEqualTo(before.revision());
        assertThat(after.risk().trials()).isEqualTo(before.risk().trials());
        assertThat(odds(after)).isCloseTo(odds(before), within(1e-6));
        assertThat(after.setAside()).isEqualTo(before.setAside()).extracting(SetAside::why)
                .contains(SetAside.Why.RELEASED_IN_OTHER_UNIT, SetAside.Why.OUT_OF_BOUNDS);
    }

    @Test
    void what_follows_the_first_fit_takes_the_same_records_for_the_same() {
        before();
        FittedRisk after = started();
        Fit first = fit(after);
        trials.changed();
        Fit second = fit(after);
        assertThat(second.revision()).isEqualTo(first.revision() + 1);
        assertThat(odds(second)).isCloseTo(odds(first), within(1e-6));
        assertThat(second.setAside()).isEqualTo(first.setAside());
    }

    @Test
    void whatever_has_changed_since_is_read_anew() {
        Fit before = before();
        changeUnseen();
        trials.changed();
        assertThat(odds(fit(started()))).as("of another revision").isGreaterThan(odds(before) + 0.01);
    }

    @Test
    void another_build_and_damaged_bytes_are_not_trusted() {
        Fit before = before();
        changeUnseen();
        for (String spoil : List.of("build = repeat('0', 32)", "packed = concat(left(packed, 400), 'x', substring(packed, 402))", "packed = 'x'")) {
            Map<String, Object> kept = database.queryForMap("select packed, build from kept_records where part = 0");
            assertThat(database.update("update kept_records set " + spoil + " where part = 0")).isEqualTo(1);
            assertThat(odds(fit(started()))).as(spoil).isGreaterThan(odds(before) + 0.01);
            database.update("update kept_records set packed = ?, build = ? where part = 0", kept.get("packed"), kept.get("build"));
            assertThat(odds(fit(started()))).as("mended").isCloseTo(odds(before), within(1e-6));
        }
    }

    @Test
    void a_fit_that_others_have_overtaken_is_not_kept() {
        FittedRisk server = started();
        fit(server);
        trials.changed();
        server.keep();
        assertThat(database.queryForObject("select count(*) from kept_records", Integer.class)).isZero();
    }

    /** A record that makes no sense is set aside by the whole fit alone. */
    @Test
    void nor_is_one_in_which_a_record_was_counted_in_by_a_step() {
        FittedRisk server = started();
        Fit whole = fit(server);
        assertThat(whole.whole()).isTrue();
        Trial again = whole.risk().records(Family.HOT_WOOD).get(0).trial();
        assertThat(whole.with(new TrialLogged(whole.revision() + 1, again)).whole()).isFalse();
    }

    @Test
    void records_are_kept_once_nobody_has_changed_them_for_a_while() {
        FittedRisk server = started();
        fit(server);
        server.keepAtRest();
        assertThat(records.now()).as("just fitted").isEmpty();
        server.keepAtRest();
        assertThat(records.now()).as("at rest").isPresent();
        database.update("delete from kept_records");
        server.keepAtRest();
        assertThat(records.now()).as("kept already, not once more").isEmpty();
    }
}
