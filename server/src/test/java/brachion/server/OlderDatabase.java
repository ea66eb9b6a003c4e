package brachion.server;

import java.sql.SQLException;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.mariadb.jdbc.MariaDbDataSource;

/** A schema beside the one of the other tests, in which older versions of the product can have left their data. */
public final class OlderDatabase {

    private OlderDatabase() {
    }

    public static DataSource schema() {
        try {
            MariaDbDataSource schema = new MariaDbDataSource(
                    System.getenv("BRACHION_DB_URL").replaceFirst("/brachion$", "/brachion_older?createDatabaseIfNotExist=true"));
            schema.setUser(System.getenv("BRACHION_DB_USER"));
            schema.setPassword(System.getenv("BRACHION_DB_PASSWORD"));
            return schema;
        } catch (SQLException malformed) {
            throw new IllegalStateException(malformed);
        }
    }

    public static FluentConfiguration migrations(DataSource schema) {
        return Flyway.configure().dataSource(schema).cleanDisabled(false);
    }
}
