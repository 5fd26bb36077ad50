package littlesummit.app.book;

import littlesummit.app.people.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A student's own pages. */
@RestController
@RequestMapping("/api/book")
class BookController {
    private final BookService book;

    BookController(BookService book) {
        this.book = book;
    }

    @GetMapping
    BookService.Book all(
            @AuthenticationPrincipal Person person,
            @RequestParam(defaultValue = "") String skill,
            @RequestParam(defaultValue = "") String words) {
        return book.book(person, skill, words);
    }

    @GetMapping("/{itemId}")
    BookService.BookPage page(@AuthenticationPrincipal Person person, @PathVariable String itemId) {
        return book.page(person, itemId);
    }
}
