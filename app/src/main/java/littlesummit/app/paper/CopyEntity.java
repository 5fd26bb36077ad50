package littlesummit.app.paper;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One printed copy of a sheet. */
@Entity
@Table(name = "paper_copy")
class CopyEntity {
    @Id
    private String code;

    private String sheetId;
    private int place;
    private String personId;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "paper_item", joinColumns = @JoinColumn(name = "code"))
    @OrderColumn(name = "place")
    private List<PrintedItem> items = new ArrayList<>();

    protected CopyEntity() {}

    /** @param personId empty for whoever of the class has it */
    CopyEntity(String code, String sheetId, int place, Optional<String> personId, List<PrintedItem> items) {
        this.code = code;
        this.sheetId = sheetId;
        this.place = place;
        this.personId = personId.orElse(null);
        this.items = new ArrayList<>(items);
    }

    String code() {
        return code;
    }

    String sheetId() {
        return sheetId;
    }

    Optional<String> personId() {
        return Optional.ofNullable(personId);
    }

    List<PrintedItem> items() {
        return List.copyOf(items);
    }
}
