package littlesummit.core.math;

import java.util.Arrays;
import java.util.Optional;

/** Atoms to whole powers, times a {@link Surd}. Immutable. */
final class Monomial implements Comparable<Monomial> {
    static final Monomial ONE = new Monomial(new Atom[0], new int[0], Surd.ONE);

    private final Atom[] atoms;
    private final int[] exponents;
    private final Surd surd;
    private final int hash;

    private Monomial(Atom[] atoms, int[] exponents, Surd surd) {
        this.atoms = atoms;
        this.exponents = exponents;
        this.surd = surd;
        this.hash = 31 * (31 * Arrays.hashCode(atoms) + Arrays.hashCode(exponents)) + surd.hashCode();
    }

    static Monomial of(Atom atom, int exponent) {
        return exponent == 0 ? ONE : new Monomial(new Atom[] {atom}, new int[] {exponent}, Surd.ONE);
    }

    static Monomial of(Surd surd) {
        return surd.isOne() ? ONE : new Monomial(new Atom[0], new int[0], surd);
    }

    Surd surd() {
        return surd;
    }

    int size() {
        return atoms.length;
    }

    Atom atom(int i) {
        return atoms[i];
    }

    int exponent(int i) {
        return exponents[i];
    }

    int exponent(Atom atom) {
        for (int i = 0; i < atoms.length; i++) {
            if (atoms[i].equals(atom)) {
                return exponents[i];
            }
        }
        return 0;
    }

    int degree() {
        int sum = 0;
        for (int e : exponents) {
            sum += e;
        }
        return sum;
    }

    boolean isOne() {
        return atoms.length == 0 && surd.isOne();
    }

    /** Whether an atom is in it that divides, as only exponents have them. */
    boolean hasNegative() {
        for (int e : exponents) {
            if (e < 0) {
                return true;
            }
        }
        return false;
    }

    /** Without its surd. */
    Monomial powers() {
        return surd.isOne() ? this : new Monomial(atoms, exponents, Surd.ONE);
    }

    Monomial without(Atom atom) {
        return times(atom, -exponent(atom));
    }

    /** Powers only; surds are multiplied by {@link Polynomial}. */
    Monomial timesPowers(Monomial other, Surd product) {
        if (other.atoms.length == 0) {
            return product == surd ? this : new Monomial(atoms, exponents, product);
        }
        if (atoms.length == 0) {
            return product == other.surd ? other : new Monomial(other.atoms, other.exponents, product);
        }
        Atom[] merged = new Atom[atoms.length + other.atoms.length];
        int[] sums = new int[merged.length];
        int n = 0;
        int i = 0;
        int j = 0;
        while (i < atoms.length || j < other.atoms.length) {
            int order = i == atoms.length ? 1 : j == other.atoms.length ? -1 : atoms[i].compareTo(other.atoms[j]);
            int sum = (order <= 0 ? exponents[i] : 0) + (order >= 0 ? other.exponents[j] : 0);
            if (sum != 0) {
                merged[n] = order <= 0 ? atoms[i] : other.atoms[j];
                sums[n++] = sum;
            }
            i += order <= 0 ? 1 : 0;
            j += order >= 0 ? 1 : 0;
        }
        return new Monomial(Arrays.copyOf(merged, n), Arrays.copyOf(sums, n), product);
    }

    Monomial times(Atom atom, int exponent) {
        return exponent == 0 ? this : timesPowers(of(atom, exponent), surd);
    }

    /** this/other, when no power becomes negative. */
    Optional<Monomial> over(Monomial other) {
        Monomial result = this;
        for (int i = 0; i < other.atoms.length; i++) {
            if (exponent(other.atoms[i]) < other.exponents[i]) {
                return Optional.empty();
            }
            result = result.times(other.atoms[i], -other.exponents[i]);
        }
        return Optional.of(result);
    }

    /** Lexicographic by atoms: the greater one leads. Compatible with multiplication of powers. */
    @Override
    public int compareTo(Monomial other) {
        int shared = Math.min(atoms.length, other.atoms.length);
        for (int i = 0; i < shared; i++) {
            int byAtom = atoms[i].compareTo(other.atoms[i]);
            if (byAtom != 0) {
                return -byAtom;
            }
            if (exponents[i] != other.exponents[i]) {
                return Integer.compare(exponents[i], other.exponents[i]);
            }
        }
        int byLength = Integer.compare(atoms.length, other.atoms.length);
        return byLength != 0 || surd.equals(other.surd)
                ? byLength
                : surd.toString().compareTo(other.surd.toString());
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Monomial m
                && hash == m.hash
                && Arrays.equals(exponents, m.exponents)
                && Arrays.equals(atoms, m.atoms)
                && surd.equals(m.surd);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return Arrays.toString(atoms) + Arrays.toString(exponents) + (surd.isOne() ? "" : surd.powers());
    }
}
