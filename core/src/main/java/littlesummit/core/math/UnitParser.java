package littlesummit.core.math;

import java.util.Set;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Token.Kind;

/** Reads units as they stand behind numbers: m, cm², cm^2, cm2, sq cm, cubic metres, km/h, g/cm^3, m per s. */
final class UnitParser {
    private final Cursor cursor;

    UnitParser(Cursor cursor) {
        this.cursor = cursor;
    }

    boolean isHere() {
        return cursor.at(Kind.UNIT);
    }

    Unit unit() {
        return goingOn(raised());
    }

    /** Whether money is named before its amount: €3.50, USD 3.50. */
    boolean isMoneyHere() {
        return isHere()
                && Units.word(cursor.peek().text()).filter(Units::isMoney).isPresent();
    }

    /** The sign or code in front. */
    Unit money() {
        return Units.word(cursor.take().text()).orElseThrow();
    }

    /** A unit with what it is divided or multiplied by behind it. */
    Unit goingOn(Unit first) {
        Unit unit = first;
        while (true) {
            if (goesOn(Kind.DIVIDE)
                    || cursor.at(Kind.UNIT) && cursor.peek().text().equalsIgnoreCase("per")) {
                cursor.take();
                unit = unit.per(raised());
            } else if (goesOn(Kind.TIMES)) {
                cursor.take();
                unit = unit.times(raised());
            } else {
                return unit;
            }
        }
    }

    private boolean goesOn(Kind sign) {
        return cursor.at(sign) && cursor.peek(1).is(Kind.UNIT);
    }

    private Unit raised() {
        Token token = cursor.peek();
        if (!token.is(Kind.UNIT)) {
            throw cursor.unexpected();
        }
        cursor.take();
        int prefix = Units.raising(token.text()).orElse(1);
        Token name = prefix > 1 ? cursor.take() : token;
        Unit unit = Units.word(name.text()).orElseThrow(() -> new Cursor.Stop(Problem.UNKNOWN_UNIT, name.at()));
        int exponent = Math.max(prefix, exponent());
        return exponent > 1 ? unit.power(exponent) : unit;
    }

    /** ^2, a raised 2, or a 2 right behind the letters. */
    private int exponent() {
        if (cursor.at(Kind.CARET)) {
            cursor.take();
            boolean isOpen = cursor.at(Kind.OPEN);
            if (isOpen) {
                cursor.take();
            }
            int exponent = digit();
            if (isOpen && !cursor.at(Kind.CLOSE)) {
                throw cursor.unexpected();
            }
            if (isOpen) {
                cursor.take();
            }
            return exponent;
        }
        boolean isBehind = isDigit(cursor.peek()) && !cursor.peek().spaced();
        return isBehind && !cursor.peek(1).is(Kind.UNIT) ? digit() : 1;
    }

    private int digit() {
        if (!isDigit(cursor.peek())) {
            throw cursor.unexpected();
        }
        return Integer.parseInt(cursor.take().text());
    }

    private static boolean isDigit(Token token) {
        return token.is(Kind.NUMBER) && Set.of("2", "3").contains(token.text());
    }
}
