package zestbench.core.capacitor;

import java.util.List;
import java.util.Set;
import zestbench.core.capacitor.CapacitorRating.Section;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.quantity.Figures;
import zestbench.core.stock.Combination;
import zestbench.core.stock.Share;

/** What has to be changed besides for an assembly to fit: jumpers, straps, insulation. */
record Changes(Requirement needed, Assembly assembly, CapacitorForm form) {
    private static final double MICRO = 1_000_000;

    void addTo(Set<String> changes) {
        int pieces = assembly.pieces().size();
        if (pieces > 1) {
            changes.add("Jumper joining the common of " + (pieces == 2 ? "both" : "all " + pieces) + " pieces, up to "
                    + jumperAmps() + " A");
            changes.add("A strap for each of the " + pieces + " cans");
        }
        for (int slot = 0; slot < assembly.shares().size(); slot++) {
            List<Share<CapacitorRating>> shares = assembly.shares().get(slot);
            int sections = shares.stream().mapToInt(Share::sectionCount).sum();
            if (sections > 1) {
                changes.add("Jumper joining the sections for " + needed.slotName(slot));
            }
            for (Share<CapacitorRating> share : shares) {
                if (share.sectionCount() == 1 && form.isOnOtherStud(slot, share)) {
                    changes.add(needed.slotName(slot) + " goes to the stud marked for the other motor: mark it");
                }
            }
        }
        for (Combination.Piece<CapacitorRating> piece : assembly.pieces()) {
            unused(piece, changes);
        }
    }

    private void unused(Combination.Piece<CapacitorRating> piece, Set<String> changes) {
        int used = 0;
        for (int mask : piece.masks()) {
            used |= mask;
        }
        List<Section> sections = piece.lot().part().sections();
        for (int i = 0; i < sections.size(); i++) {
            if ((used & (1 << i)) == 0) {
                changes.add("Unused terminal " + sections.get(i).label(i) + " stays bare of wires and is insulated");
            }
        }
    }

    /** A jumper carries I = 2πfCV of all that hangs behind it. [physics] */
    String jumperAmps() {
        double microfarads = 0;
        for (int slot = 0; slot < assembly.shares().size(); slot++) {
            microfarads += needed.microfarads(slot);
        }
        double volts = needed.rating().volts().orElse(440.0);
        double hertz =
                needed.hertz().stream().mapToDouble(Double::doubleValue).max().orElse(SystemVolts.USUAL_HERTZ);
        return Figures.fixed(jumperAmps(microfarads, volts, hertz), 1);
    }

    static double jumperAmps(double microfarads, double volts, double hertz) {
        return 2 * Math.PI * hertz * microfarads / MICRO * volts;
    }
}
