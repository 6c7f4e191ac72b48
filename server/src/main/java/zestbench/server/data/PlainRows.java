package zestbench.server.data;

import org.hibernate.boot.registry.StandardServiceRegistryBuilder;
import org.hibernate.bytecode.internal.none.BytecodeProviderImpl;
import org.hibernate.bytecode.spi.BytecodeProvider;
import org.hibernate.service.spi.ServiceContributor;

/**
 * Rows are read whole and nothing is fetched later behind their back, so no stand-ins of entities are written when the
 * bench starts: that is a tenth of a start, and of its memory. A row that is mapped lazily says so when it is read.
 */
public final class PlainRows implements ServiceContributor {
    @Override
    public void contribute(StandardServiceRegistryBuilder services) {
        services.addService(BytecodeProvider.class, new BytecodeProviderImpl());
    }
}
