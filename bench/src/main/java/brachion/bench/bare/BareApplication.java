package brachion.bench.bare;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The yardstick: a bare application of the same framework with web, JPA and health and nothing of ours. */
@SpringBootApplication
public class BareApplication {

    /** Starts it. */
    public static void main(String[] args) {
        SpringApplication.run(BareApplication.class, args);
    }
}
