package littlesummit.bench.serving;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.springframework.boot.autoconfigure.EnableAutoConfiguration;
import org.springframework.boot.autoconfigure.domain.EntityScan;
import org.springframework.boot.autoconfigure.flyway.FlywayAutoConfiguration;
import org.springframework.boot.autoconfigure.security.servlet.SecurityAutoConfiguration;
import org.springframework.boot.autoconfigure.security.servlet.SecurityFilterAutoConfiguration;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.boot.autoconfigure.session.SessionAutoConfiguration;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What the application is measured against: Spring MVC and Hibernate that insert one row, and nothing else. */
@Configuration
@EnableAutoConfiguration(
        exclude = {
            SecurityAutoConfiguration.class,
            SecurityFilterAutoConfiguration.class,
            UserDetailsServiceAutoConfiguration.class,
            SessionAutoConfiguration.class,
            FlywayAutoConfiguration.class
        })
@EntityScan(basePackageClasses = BareServer.class)
@EnableJpaRepositories(basePackageClasses = BareServer.class, considerNestedRepositories = true)
class BareServer {
    /** One row. */
    @Entity(name = "bare_row")
    static class Row {
        @Id
        @GeneratedValue(strategy = GenerationType.IDENTITY)
        private Long id;

        private String text;

        protected Row() {}

        Row(String text) {
            this.text = text;
        }

        Long id() {
            return id;
        }
    }

    interface RowRepository extends JpaRepository<Row, Long> {}

    record Body(String text) {}

    record Made(long id) {}

    /** The endpoint. */
    @RestController
    static class Rows {
        private final RowRepository rows;

        Rows(RowRepository rows) {
            this.rows = rows;
        }

        @PostMapping("/rows")
        @Transactional
        public Made add(@RequestBody Body body) {
            return new Made(rows.save(new Row(body.text())).id());
        }
    }
}
