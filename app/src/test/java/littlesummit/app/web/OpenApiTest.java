package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.security.test.context.support.WithMockUser;
import org.springframework.test.web.servlet.MockMvc;

/** The description that the client's types are made from is the one that the server gives. */
@SpringBootTest(properties = {"spring.datasource.url=jdbc:h2:mem:openapi"})
@AutoConfigureMockMvc
class OpenApiTest {
    private static final Path KEPT = Path.of("../web/openapi/openapi.json");
    private static final ObjectMapper SORTED = new ObjectMapper()
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(SerializationFeature.INDENT_OUTPUT);

    @Autowired
    private MockMvc mvc;

    @Autowired
    private RecordSchemas schemas;

    @Test
    @WithMockUser(roles = "INSTRUCTOR")
    void keptDescriptionIsTheServersOwn() throws Exception {
        String given =
                mvc.perform(get("/api/openapi")).andReturn().getResponse().getContentAsString();
        Object tree = SORTED.readValue(given, Object.class);
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(KEPT, SORTED.writeValueAsString(tree) + "\n");
        }

        assertEquals(Set.of(), schemas.twice());
        assertEquals(Set.of(), schemas.ofCore(), "what is sent has a shape of its own: write a Dto");
        assertEquals(
                SORTED.readTree(KEPT.toFile()), SORTED.readTree(given), "run ./summit types and commit what it writes");
    }
}
