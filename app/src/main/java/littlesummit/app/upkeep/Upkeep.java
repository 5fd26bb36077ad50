package littlesummit.app.upkeep;

import java.io.IOException;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.stereotype.Component;

/** What is done by the clock, and what is done once when nobody else has the data open. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class Upkeep {
    /** The maintenance command: answers one wish and stops. */
    @Component
    @ConditionalOnProperty("summit.wish")
    static class OneWish {
        private final Wishes wishes;
        private final String wish;
        private final ConfigurableApplicationContext application;

        OneWish(Wishes wishes, @Value("${summit.wish}") String wish, ConfigurableApplicationContext application) {
            this.wishes = wishes;
            this.wish = wish;
            this.application = application;
        }

        @EventListener(ApplicationReadyEvent.class)
        void answer() {
            System.out.println(wishes.answer(wish));
            application.close();
        }
    }

    /** The maintenance command: says whether a copy is whole, and puts its database into a folder. */
    @Component
    @ConditionalOnProperty("summit.restore")
    static class Unpacking {
        private final Path copy;
        private final Path folder;
        private final ConfigurableApplicationContext application;

        Unpacking(
                @Value("${summit.restore}") Path copy,
                @Value("${summit.restore-to}") Path folder,
                ConfigurableApplicationContext application) {
            this.copy = copy;
            this.folder = folder;
            this.application = application;
        }

        @EventListener(ApplicationReadyEvent.class)
        void unpack() {
            System.out.println(said());
            application.close();
        }

        private String said() {
            try {
                long people = Backup.opened(copy);
                Backup.unpack(copy, folder);
                return "well   The copy is whole: " + people + " accounts.";
            } catch (Backup.Failed failed) {
                return "WRONG  " + failed.getMessage();
            } catch (IOException fault) {
                return "WRONG  The copy could not be taken out: " + fault.getMessage() + ".";
            }
        }
    }
}
