package brachion.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcPrint;
import org.springframework.test.context.jdbc.Sql;

/** A test of the whole server on a real MariaDB, each one starting with an empty record of bends. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
@Sql(statements = {"delete from day_slot_item", "delete from day_slot", "delete from day_job", "delete from day_plan", "delete from day_hours", "delete from photo_image", "delete from photo", "delete from trial", "delete from bench_tap", "delete from bench_item", "delete from job_item", "delete from bench_piece", "delete from steam_rig", "delete from rig_item", "delete from stock_mark", "delete from stock_reading", "delete from stock_blank", "delete from stock_board", "delete from person", "delete from board", "delete from source", "delete from row_set_aside", "delete from brought_in", "delete from other_shop", "delete from notebook", "delete from saved_view", "delete from weigh_in", "delete from drying_piece", "delete from instrument_reading", "delete from instrument", "delete from job_plan", "delete from job", "delete from kept_curve",
        "delete from wood",
        "update trial_revision set revision = revision + 1"})
public @interface ServerTest {
}
