package brachion.server.demo;

import static brachion.server.Wire.read;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapEnds;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Family;
import brachion.core.method.Handling;
import brachion.core.method.Heating;
import brachion.core.method.HotBath;
import brachion.core.method.HotPipe;
import brachion.core.method.Method;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBag;
import brachion.core.method.SteamBox;
import brachion.core.method.SteamInPlace;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.server.ServerTest;
import brachion.server.Wire;
import brachion.server.recipe.MethodFields;
import brachion.server.recipe.RecipeFields;
import brachion.server.trial.DoneFields;
import brachion.server.trial.CameFrom;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A whole workshop's records leave as a table and come back. */
@ServerTest
class TablesOfTheWorkshopTest {

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private Trials trials;
    @Autowired
    private JdbcTemplate database;

    @ParameterizedTest
    @ValueSource(strings = {"METRIC", "INCH"})
    void two_years_of_trials_come_back_as_they_were(String units) {
        List<TrialFields> written = new ArrayList<>(new FellmarrowWorkshop(5).twoYears());
        TrialFields steamed = written.stream().filter(trial -> trial.recipe().method().kind().family() == Family.HOT_WOOD).findFirst().orElseThrow();
        written.add(new TrialFields(steamed.bentOn(), steamed.recipe(), new DoneFields(
                List.of(new DoneFields.StageTook(StageKind.SOAK, 645.0), new DoneFields.StageTook(StageKind.RACK, 20_160.0)),
                List.of(new DoneFields.ChamberReading(0.0, 40.0), new DoneFields.ChamberReading(12.5, 97.0))),
                steamed.outcome(), "Two lines,\nand \"quotes\"; all kept"));
        written.addAll(ofEveryHotWay(steamed));
        trials.log(written, CameFrom.HERE);
        MvcTestResult table = mvc.get().uri("/api/exchange/trials?units=" + units).exchange();
        assertThat(table.getResponse().getHeader("Content-Disposition")).contains("attachment").contains(".csv");
        byte[] file = table.getResponse().getContentAsByteArray();
        assertThat(read(send("readings", file), "$.alreadyHere", Integer.class)).as("every row is known again").isEqualTo(written.size());
        database.execute("delete from trial");
        MvcTestResult in = send("trials?fileName=workshop.csv", file);
        assertThat(read(in, "$.left", Integer.class)).isZero();
        assertThat(Wire.written(trials)).containsExactlyElementsOf(written);
    }

    private MvcTestResult send(String what, byte[] file) {
        return Wire.table(mvc, "/api/exchange/" + what, file);
    }

    /** The ways the workshop has not tried, with everything set, and with how long their heat took. */
    private static List<TrialFields> ofEveryHotWay(TrialFields like) {
        Handling placed = new Handling(12, SoakAdditive.SOFTENER, 0, Optional.of(new Strap(StrapMaterial.PLASTIC, 1.5, 25, 0.4)),
                OptionalDouble.of(36));
        Handling carried = new Handling(0, SoakAdditive.NONE, 12.5, Optional.empty(), OptionalDouble.empty());
        Handling banded = new Handling(0, SoakAdditive.NONE, 12.5, Optional.of(new Strap(StrapMaterial.STEEL, 0.8, 25, 1, 0.6, StrapEnds.GRIPPED)),
                OptionalDouble.of(12));
        Handling backed = new Handling(0, SoakAdditive.NONE, 0, Optional.of(new Strap(StrapMaterial.PLASTIC, 0.8, 25, 0, 1, StrapEnds.NOT_HELD)),
                OptionalDouble.of(12));
        return List.of(
                by(like, new SteamBox(banded, new Heating(StageKind.STEAM_BOX, 40, 97)), StageKind.STEAM_BOX),
                by(like, new HotPipe(backed, new Heating(StageKind.HOT_PIPE, 4, 140), new Stage.Contact(0.2, false), HotPipe.By.LEVER_BOARD), StageKind.HOT_PIPE),
                by(like, new SteamBag(carried, new Heating(StageKind.STEAM_BAG, 40, 97), SteamBag.Bent.PULLED), StageKind.STEAM_BAG),
                by(like, new SteamBag(placed, new Heating(StageKind.STEAM_BAG, 40, 97), SteamBag.Bent.IN_THE_BAG), StageKind.STEAM_BAG),
                by(like, new SteamInPlace(placed, new Heating(StageKind.STEAM_BAG, 40, 97), 20), StageKind.STEAM_ON),
                by(like, new HotBath(carried, new Heating(StageKind.HOT_BATH, 25, 96.5)), StageKind.HOT_BATH));
    }

    private static TrialFields by(TrialFields like, Method method, StageKind took) {
        RecipeFields recipe = like.recipe();
        return new TrialFields(like.bentOn(), new RecipeFields(recipe.blank(), recipe.innerRadiusMm(), recipe.angleDegrees(),
                MethodFields.of(method), recipe.person(), recipe.board(), recipe.source()),
                new DoneFields(List.of(new DoneFields.StageTook(took, 33.5)), List.of()), like.outcome(), "by " + method.kind());
    }
}
