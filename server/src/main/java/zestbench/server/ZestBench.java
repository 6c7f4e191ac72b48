package zestbench.server;

import java.time.Clock;
import java.time.ZoneOffset;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;

/** Serves the bench: carries what the core says to the screen and keeps it. */
@SpringBootApplication
@EnableJpaRepositories(considerNestedRepositories = true)
@ConfigurationPropertiesScan
public class ZestBench {
    public static void main(String[] arguments) {
        SpringApplication.run(ZestBench.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.tickMillis(ZoneOffset.UTC);
    }
}
