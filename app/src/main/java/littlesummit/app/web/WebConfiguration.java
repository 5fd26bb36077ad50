package littlesummit.app.web;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** How objects are written, and which addresses open the application. */
@Configuration
class WebConfiguration implements WebMvcConfigurer {
    /** How JSON is read and written. Nothing in a list, a set or a map is null, so that no rule has to ask. */
    @Bean
    Jackson2ObjectMapperBuilderCustomizer readAndWritten() {
        return builder -> builder.annotationIntrospector(new SealedTypes())
                .deserializerByType(Instant.class, Dates.moments())
                .deserializerByType(LocalDate.class, Dates.days())
                .deserializerByType(String.class, new WithoutNul())
                .postConfigurer(mapper -> mapper.setDefaultSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL)));
    }

    /**
     * Scripts and styles have their content in their names, and never change; the page that names them is asked for
     * anew every time. Beside each lies the same one packed (Brotli, gzip), which is sent to whoever takes it.
     */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .resourceChain(false)
                .addResolver(new SmallestFirst());
    }

    /**
     * Whatever is neither a request of the client nor a file opens the one page; the client finds its way from there,
     * or says that there is no such page.
     */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
        registry.addViewController("/{screen:(?!api$|assets$)[a-z-]+}/**").setViewName("forward:/index.html");
    }
}
