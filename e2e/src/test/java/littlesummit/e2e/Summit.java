package littlesummit.e2e;

import java.nio.file.Path;
import littlesummit.app.SummitApplication;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The whole application with demo data, on a port of its own and a database in a file. */
final class Summit implements AutoCloseable {
    private final Path data;
    private ConfigurableApplicationContext context;

    Summit(Path data) {
        this.data = data;
        start();
    }

    void start() {
        context = SpringApplication.run(SummitApplication.class, "--server.port=0", "--summit.demo=true", "--summit.gallery=true", "--summit.data=" + data,
                "--summit.checks-per-minute=1000");
    }

    void stop() {
        context.close();
    }

    String address() {
        return "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
    }

    <T> T part(Class<T> type) {
        return context.getBean(type);
    }

    @Override
    public void close() {
        stop();
    }
}
