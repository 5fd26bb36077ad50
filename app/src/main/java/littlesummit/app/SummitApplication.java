package littlesummit.app;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** The server. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class SummitApplication {
    public static void main(String[] args) {
        SpringApplication.run(SummitApplication.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
