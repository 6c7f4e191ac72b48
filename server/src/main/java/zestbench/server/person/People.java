package zestbench.server.person;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.server.data.CommittedCache;
import zestbench.server.problem.NotHere;

/** Who works here. */
@Service
public class People {
    private static final int SENDERS_KEPT = 200;

    private final TechnicianRepository store;
    private final CommittedCache<Long, Technician> senders = new CommittedCache<>(SENDERS_KEPT, (id, technician) -> 1);

    People(TechnicianRepository store) {
        this.store = store;
    }

    @Transactional
    public Technician add(String name) {
        return store.save(new Technician(name.strip()));
    }

    public List<Technician> all() {
        return store.findAll(Sort.by("id"));
    }

    @Transactional
    public Technician acceptCaution(long id) {
        Technician technician = get(id);
        technician.acceptCaution();
        senders.forget(id);
        return store.save(technician);
    }

    /** Which truck someone drives. */
    @Transactional
    public Technician drives(long id, String depot) {
        Technician technician = get(id);
        technician.drive(depot);
        senders.forget(id);
        return store.save(technician);
    }

    /** Who sends a change, as last known. */
    Technician sender(long id) {
        return senders.get(id, this::get);
    }

    Technician get(long id) {
        return store.findById(id).orElseThrow(() -> new NotHere("No technician " + id + " works here."));
    }

    /** The names over HTTP. */
    @RestController
    static class Http {
        private final People people;

        Http(People people) {
            this.people = people;
        }

        record Person(long id, String name, boolean cautionAccepted, String depot) {
            static Person of(Technician technician) {
                return new Person(
                        technician.id(), technician.name(), technician.isCautionAccepted(), technician.depot());
            }
        }

        record NewPerson(
                @NotBlank(message = "give a name") @Size(max = 60, message = "give up to 60 characters")
                String name) {}

        @GetMapping("/api/people")
        List<Person> all() {
            return people.all().stream().map(Person::of).toList();
        }

        @PostMapping("/api/people")
        Person add(@Valid @RequestBody NewPerson person) {
            return Person.of(people.add(person.name()));
        }

        @PostMapping("/api/people/{id}/caution")
        Person acceptCaution(@PathVariable long id) {
            return Person.of(people.acceptCaution(id));
        }
    }
}
