package littlesummit.app.content;

import littlesummit.content.Catalogue;
import littlesummit.content.Curricula;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.Curriculum;
import littlesummit.core.skill.ItemSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is there to practise. The one place of the server that says where items and courses come from. */
@Configuration(proxyBeanMethods = false)
class ContentConfiguration {
    @Bean
    ItemSource itemSource() {
        return new Catalogue();
    }

    @Bean
    Curriculum curriculum(ItemSource items) {
        return Curricula.shipped(items);
    }

    /** The course of every class, until a class can choose. */
    @Bean
    Course course(Curriculum curriculum) {
        return curriculum.first();
    }
}
