package brachion.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server. */
@SpringBootApplication
@EnableScheduling
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
