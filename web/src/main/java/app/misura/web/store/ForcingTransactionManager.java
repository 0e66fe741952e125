package app.misura.web.store;

import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;

/** A transaction that changed something is over only when it is on the disk. */
final class ForcingTransactionManager extends JpaTransactionManager {
    private static final long serialVersionUID = 1;
    private final transient Disk disk;

    ForcingTransactionManager(Disk disk) {
        this.disk = disk;
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        super.doCommit(status);
        if (!status.isReadOnly()) {
            disk.force();
        }
    }
}
