package littlesummit.bench.serving;

import java.nio.file.Path;
import littlesummit.app.SummitApplication;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The application and the bare one beside it, each on a port and with a database file of its own. */
final class Servers implements AutoCloseable {
    private final ConfigurableApplicationContext app;
    private final ConfigurableApplicationContext bare;

    Servers(Path data) {
        app = app(data.resolve("app"));
        bare = SpringApplication.run(
                BareServer.class,
                "--server.port=0",
                "--summit.data=" + data.resolve("bare"),
                "--spring.jpa.hibernate.ddl-auto=create");
    }

    /** The application alone; nobody has to wait because of asking too often. */
    static ConfigurableApplicationContext app(Path data) {
        return SpringApplication.run(
                SummitApplication.class,
                "--server.port=0",
                "--summit.data=" + data,
                "--summit.checks-per-minute=1000000",
                "--summit.password-strength=4",
                "--summit.pace.burst=1000000",
                "--summit.pace.sign-in-burst=100000");
    }

    ConfigurableApplicationContext app() {
        return app;
    }

    String appAddress() {
        return address(app);
    }

    String bareAddress() {
        return address(bare);
    }

    static String address(ConfigurableApplicationContext context) {
        return "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
    }

    @Override
    public void close() {
        bare.close();
        app.close();
    }
}
