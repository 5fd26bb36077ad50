package littlesummit.app.people;

import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.http.MediaType;
import org.springframework.security.test.context.support.WithMockUser;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:session")
@AutoConfigureMockMvc
@ExtendWith(OutputCaptureExtension.class)
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
            for (String name : List.of("bero", "cilla", "dario", "edda")) {
                people.add(name, name, Role.STUDENT, "right", classId);
            }
        }
    }

    private ResultActions signIn(String name, String password, Cookie... browser) throws Exception {
        return mvc.perform(post("/api/session")
                .with(csrf())
                .cookie(browser.length == 0 ? new Cookie[] {new Cookie("other", "x")} : browser)
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"username\":\"" + name + "\",\"password\":\"" + password + "\"}"));
    }

    @Test
    void theRightPasswordOpensTheDoor() throws Exception {
        signIn(" Ansa ", "right")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name").value("Ansa"));
    }

    @Test
    void aWrongPasswordAndAnUnknownNameAreToldAlike() throws Exception {
        String told = signIn("ansa", "wrong")
                .andExpect(status().isUnauthorized())
                .andReturn()
                .getResponse()
                .getContentAsString();
        signIn("nobody", "wrong")
                .andExpect(status().isUnauthorized())
                .andExpect(content().json(told));
    }

    @Test
    void theLogSaysWhoCameInAndWhoDidNotAndNothingThatWasTyped(CapturedOutput log) throws Exception {
        String ansa = people.signIn("ansa", "right").id();
        signIn("ansa", "tYped-by-mistake");
        signIn("tYped-as-a-name", "wrong");
        assertTrue(log.getOut().contains("Signed in: " + ansa));
        assertTrue(log.getOut().contains("Sign-in refused: wrong password, " + ansa));
        assertTrue(log.getOut().contains("Sign-in refused: wrong password, nobody by this name"));
        assertFalse(log.getAll().toLowerCase().contains("typed-"));
    }

    /**
     * Somebody who wants to keep a class out types wrong passwords for everybody: who signs in where they always do is
     * not kept out.
     */
    @Test
    void nobodyLocksAnybodyOutOfTheirOwnBrowser() throws Exception {
        Cookie own = signIn("cilla", "right").andReturn().getResponse().getCookie("summit-browser");
        for (int i = 0; i < 20; i++) {
            signIn("cilla", "wrong");
        }
        signIn("cilla", "right").andExpect(status().isTooManyRequests());
        signIn("cilla", "right", own).andExpect(status().isOk());
    }

    @Test
    void aStolenBrowserIsLockedByItself() throws Exception {
        Cookie own = signIn("dario", "right").andReturn().getResponse().getCookie("summit-browser");
        for (int i = 0; i < 8; i++) {
            signIn("dario", "wrong", own).andExpect(status().isUnauthorized());
        }
        signIn("dario", "right", own).andExpect(status().isTooManyRequests());
        signIn("dario", "right").andExpect(status().isOk());
    }

    @Test
    void aCookieThatWasMadeUpHelpsNobody() throws Exception {
        for (int i = 0; i < 8; i++) {
            signIn("edda", "wrong", new Cookie("summit-browser", "ab".repeat(24)));
        }
        signIn("edda", "right", new Cookie("summit-browser", "cd".repeat(24))).andExpect(status().isTooManyRequests());
    }

    @Test
    void aNameThatNobodyHasIsLockedLikeOthers() throws Exception {
        for (int i = 0; i < 8; i++) {
            signIn("nobody-at-all", "wrong").andExpect(status().isUnauthorized());
        }
        signIn("nobody-at-all", "wrong").andExpect(status().isTooManyRequests());
    }

    @Test
    void theCookieOfTheBrowserIsOutOfReachForScripts() throws Exception {
        Cookie own = signIn("ansa", "right").andReturn().getResponse().getCookie("summit-browser");
        assertTrue(own.isHttpOnly());
        assertEquals("Lax", own.getAttribute("SameSite"));
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
        mvc.perform(get("/api/due"))
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.detail").isNotEmpty());
        mvc.perform(get("/api/openapi")).andExpect(status().isUnauthorized());
    }

    @Test
    @WithMockUser(roles = "STUDENT")
    void withoutItsTokenNothingIsChanged() throws Exception {
        mvc.perform(post("/api/reading").contentType(MediaType.APPLICATION_JSON).content("{}"))
                .andExpect(status().isForbidden());
    }

    @Test
    void thePolicyLetsNothingInFromOtherHosts() throws Exception {
        mvc.perform(get("/"))
                .andExpect(header().string("Content-Security-Policy", containsString("default-src 'self'")))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"));
    }
}
