package zestbench.server.tape;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import zestbench.core.call.CallStatus;
import zestbench.core.plate.Plates;
import zestbench.server.unit.Unit;

/** A visit to a unit, or a quick check without one. What happened on it is on its tape. */
@Entity
@Table(name = "service_call")
public class CallEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.EAGER)
    private @Nullable Unit unit;

    private String uid = UUID.randomUUID().toString();
    private String complaint = "";
    private Instant openedAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    private CallStatus status = CallStatus.OPEN;

    /** Asked for by the store's query. */
    @SuppressWarnings("UnusedVariable")
    private @Nullable Long technician;

    protected CallEntity() {}

    CallEntity(Unit unit, String complaint, Instant openedAt) {
        this.unit = unit;
        this.complaint = complaint;
        this.openedAt = openedAt;
    }

    /** A call that came from elsewhere, named there. */
    CallEntity(String uid) {
        this.uid = uid;
    }

    /** Takes over all that is known of it. */
    void become(Unit itsUnit, String itsComplaint, Instant itsOpening, CallStatus itsStatus) {
        unit = itsUnit;
        complaint = itsComplaint;
        openedAt = itsOpening;
        status = itsStatus;
    }

    /** The quick check of one technician. */
    CallEntity(long technician, Instant openedAt) {
        this.technician = technician;
        this.openedAt = openedAt;
        this.status = CallStatus.QUICK_CHECK;
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    /** The name it has wherever it is carried to. */
    String uid() {
        return uid;
    }

    @Nullable
    public Unit unit() {
        return unit;
    }

    public String complaint() {
        return complaint;
    }

    public Instant openedAt() {
        return openedAt;
    }

    public CallStatus status() {
        return status;
    }

    void become(CallStatus next) {
        status = next;
    }

    public Plates plates() {
        return unit == null ? Plates.NONE : unit.plates();
    }
}
