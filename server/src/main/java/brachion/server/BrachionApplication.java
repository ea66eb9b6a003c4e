package brachion.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The server. */
@SpringBootApplication
public class BrachionApplication {

    /** Starts the server. */
    public static void main(String[] args) {
        SpringApplication.run(BrachionApplication.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
