package brachion.server.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.ColdLamination;
import brachion.core.method.Glue;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Method;
import brachion.core.method.OuterFace;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.server.OlderDatabase;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** A database as older versions left it comes up with every trial as it was. It has a schema of its own. */
class OlderDatabaseTest {

    private static final double THIRTY_SECOND_MM = 25.4 / 32;
    private static final double THIRD = 1.0 / 3;
    private static final Optional<Strap> NONE = Optional.empty();

    private static final RecipeFields PLAIN = recipe(19, null, new SteamBox(0, 45, 97.77777777777777, 15, NONE));
    private static final RecipeFields SOAKED = recipe(12.7, null, new SteamBox(14 + THIRD, 60.25, 98, 0,
            Optional.of(new Strap(StrapMaterial.STEEL, THIRTY_SECOND_MM, 25.4, THIRD))));
    private static final RecipeFields GLUED = recipe(1.5875, null, new ColdLamination(Glue.UREA_RESIN, 8));
    private static final RecipeFields SOFTENED = recipe(9.525, OuterFace.RIVEN, new SteamBox(24, SoakAdditive.SOFTENER, 75, 93.3,
            Optional.empty(), 12.5, Optional.of(new Strap(StrapMaterial.WEBBING, 2.5, 25.4, 0)), OptionalDouble.of(48)));
    private static final RecipeFields GLUED_LATER = recipe(2, null, new ColdLamination(Glue.PVA, 6));

    private final DataSource older = OlderDatabase.schema();
    private final JdbcTemplate jdbc = new JdbcTemplate(older);

    private static RecipeFields recipe(double thicknessMm, OuterFace face, Method method) {
        BlankFields blank = new BlankFields("white-ash", Seasoning.AIR_DRIED, 17.5, GrowthRings.FLAT, 25.0, Knots.CLEAR, face, thicknessMm, 25.4);
        return new RecipeFields(blank, 152.4, 180.0, MethodFields.of(method), null, null, null);
    }

    private static RecipeFields named(RecipeFields recipe, String person) {
        return new RecipeFields(recipe.blank(), recipe.innerRadiusMm(), recipe.angleDegrees(), recipe.method(), person, "Ash A", null);
    }

    private Flyway to(String version) {
        return OlderDatabase.migrations(older).target(version).load();
    }

    @BeforeEach
    void empty() {
        to("latest").clean();
    }

    @Test
    void every_trial_of_both_methods_is_as_it_was() {
        to("2").migrate();
        write(1, PLAIN);
        write(2, SOAKED);
        write(3, GLUED);
        to("7").migrate();
        write(4, SOFTENED);
        jdbc.update("update trial set soak_additive = 'SOFTENER', hold_hours = 48, outer_face = 'RIVEN', person = 'Odo', board = 'Ash A' where id = 4");
        write(5, GLUED_LATER);
        jdbc.update("update trial set person = 'odo', board = 'Ash A' where id = 5");
        jdbc.update("insert into trial_stage (trial_id, position, kind, actual_minutes) values (4, 0, 'STEAM_BOX', 80.5)");
        jdbc.update("insert into chamber_reading (trial_id, position, minutes, celsius) values (4, 0, 0, 40), (4, 1, 12.5, 97)");

        to("latest").migrate();

        assertThat(read()).containsExactly(PLAIN, SOAKED, GLUED, named(SOFTENED, "Odo"), named(GLUED_LATER, "odo"));
        assertThat(jdbc.queryForList("select name from board", String.class)).containsExactly("Ash A");
        assertThat(stages(1)).containsExactly("STEAM_BOX 45.0", "CARRY 0.25");
        assertThat(stages(2)).containsExactly("SOAK " + (14 + THIRD) * 60, "STEAM_BOX 60.25");
        assertThat(stages(3)).isEmpty();
        assertThat(stages(4)).containsExactly("STEAM_BOX 80.5");
        assertThat(jdbc.queryForObject("select count(*) from chamber_reading where trial_id = 4", Integer.class)).isEqualTo(2);
        assertThat(jdbc.queryForObject("select count(*) from trial where note = 'kept' and severity = 'CLEAN'", Integer.class)).isEqualTo(5);
    }

    private void write(long id, RecipeFields recipe) {
        Method method = recipe.method().toMethod(recipe.blank().widthMm());
        jdbc.update("insert into trial (id, version, logged_at, bent_on, species_id, seasoning, moisture_percent, growth_rings, grain_run, "
                        + "knots, thickness_mm, width_mm, inner_radius_mm, angle_degrees, method, severity, note, steam_minutes, plies) values "
                        + "(?, 0, now(), '2026-03-01', 'white-ash', 'AIR_DRIED', 17.5, 'FLAT', 25, 'CLEAR', ?, 25.4, 152.4, 180, ?, 'CLEAN', 'kept', ?, ?)",
                id, recipe.blank().thicknessMm(), method.kind().name(), method instanceof SteamBox box ? box.steamMinutes() : null,
                method instanceof ColdLamination stack ? stack.plies() : null);
        if (method instanceof SteamBox box) {
            jdbc.update("update trial set soak_hours = ?, chamberc = ?, carry_seconds = ? where id = ?", box.soakHours(),
                    box.heating().celsius(), box.carrySeconds(), id);
            box.strap().ifPresent(strap -> jdbc.update("update trial set strap_material = ?, strap_thickness_mm = ?, strap_end_gap_mm = ? "
                    + "where id = ?", strap.material().name(), strap.thicknessMm(), strap.endGapMm(), id));
        } else {
            jdbc.update("update trial set glue = ? where id = ?", ((ColdLamination) method).glue().name(), id);
        }
    }

    private List<RecipeFields> read() {
        return jdbc.query("select t.*, p.name person, b.name board from trial t left join person p on p.id = t.person_id "
                + "left join board b on b.id = t.board_id order by t.id", (row, number) -> new RecipeColumns(
                new BlankFields(row.getString("species_id"), Seasoning.valueOf(row.getString("seasoning")), row.getDouble("moisture_percent"),
                        GrowthRings.valueOf(row.getString("growth_rings")), row.getDouble("grain_run"), Knots.valueOf(row.getString("knots")),
                        Optional.ofNullable(row.getString("outer_face")).map(OuterFace::valueOf).orElse(null),
                        row.getDouble("thickness_mm"), row.getDouble("width_mm")),
                row.getDouble("inner_radius_mm"), row.getDouble("angle_degrees"), row.getString("method"), row.getString("settings"))
                .recipe(row.getString("person"), row.getString("board"), null));
    }

    private List<String> stages(long trial) {
        return jdbc.query("select kind, actual_minutes from trial_stage where trial_id = ? order by position",
                (row, number) -> row.getString(1) + " " + row.getDouble(2), trial);
    }
}
