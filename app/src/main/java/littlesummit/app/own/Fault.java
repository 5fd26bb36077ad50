package littlesummit.app.own;

import littlesummit.core.template.Complaint;

/**
 * Why a text cannot be read, or no item be made.
 *
 * @param line from 1; 0 where it is not known
 * @param place keys from the outside in
 * @param sentence for its author
 */
public record Fault(int line, String place, String sentence) {
    public static Fault of(Complaint complaint) {
        return new Fault(complaint.at().line(), complaint.at().path(), complaint.sentence());
    }
}
