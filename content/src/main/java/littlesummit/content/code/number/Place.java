package littlesummit.content.code.number;

import java.util.List;

/** The places of a whole number, the ones first. */
enum Place {
    ONES("ones", "one"),
    TENS("tens", "ten"),
    HUNDREDS("hundreds", "hundred"),
    THOUSANDS("thousands", "thousand"),
    TEN_THOUSANDS("ten thousands", "ten thousand"),
    HUNDRED_THOUSANDS("hundred thousands", "hundred thousand");

    final String many;
    final String one;

    Place(String many, String one) {
        this.many = many;
        this.one = one;
    }

    static Place of(int index) {
        return values()[index];
    }

    /** What one in this place is worth. */
    long unit() {
        long unit = 1;
        for (int i = 0; i < ordinal(); i++) {
            unit *= 10;
        }
        return unit;
    }

    /** The digit of a number in this place. */
    int digit(long number) {
        return (int) (number / unit() % 10);
    }

    /** “3 hundreds”, “1 hundred”. */
    String count(int digit) {
        return digit + " " + (digit == 1 ? one : many);
    }

    /** Heads of a place table, highest first. */
    static List<String> heads(int digits) {
        return List.of(values()).subList(0, digits).reversed().stream()
                .map(p -> p.many)
                .toList();
    }
}
