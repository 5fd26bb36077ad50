package littlesummit.app.people;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.security.test.context.support.WithMockUser;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:session")
@AutoConfigureMockMvc
class SessionApiTest {
    @Autowired
    private MockMvc mvc;
    @Autowired
    private PeopleService people;

    @BeforeEach
    void someone() {
        if (people.isEmpty()) {
            String classId = people.addClass("Hut class");
            people.add("ansa", "Ansa", Role.STUDENT, "right", classId);
            people.add("bero", "Bero", Role.STUDENT, "right", classId);
        }
    }

    private ResultActions signIn(String name, String password) throws Exception {
        return mvc.perform(post("/api/session").with(csrf()).contentType(MediaType.APPLICATION_JSON)
                .content("{\"username\":\"" + name + "\",\"password\":\"" + password + "\"}"));
    }

    @Test
    void theRightPasswordOpensTheDoor() throws Exception {
        signIn(" Ansa ", "right").andExpect(status().isOk()).andExpect(jsonPath("$.name").value("Ansa"));
    }

    @Test
    void aWrongPasswordAndAnUnknownNameAreToldAlike() throws Exception {
        String told = signIn("ansa", "wrong").andExpect(status().isUnauthorized()).andReturn().getResponse().getContentAsString();
        signIn("nobody", "wrong").andExpect(status().isUnauthorized()).andExpect(content().json(told));
    }

    @Test
    void manyWrongPasswordsLockForAWhile() throws Exception {
        for (int i = 0; i < 8; i++) {
            signIn("bero", "wrong");
        }
        signIn("bero", "right").andExpect(status().isTooManyRequests());
    }

    @Test
    void strangersAreRefused() throws Exception {
        mvc.perform(get("/api/due")).andExpect(status().isUnauthorized()).andExpect(jsonPath("$.detail").isNotEmpty());
        mvc.perform(get("/api/openapi")).andExpect(status().isUnauthorized());
    }

    @Test
    @WithMockUser(roles = "STUDENT")
    void withoutItsTokenNothingIsChanged() throws Exception {
        mvc.perform(post("/api/reading").contentType(MediaType.APPLICATION_JSON).content("{}")).andExpect(status().isForbidden());
    }

    @Test
    void thePolicyLetsNothingInFromOtherHosts() throws Exception {
        mvc.perform(get("/")).andExpect(header().string("Content-Security-Policy", containsString("default-src 'self'")))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"));
    }
}
