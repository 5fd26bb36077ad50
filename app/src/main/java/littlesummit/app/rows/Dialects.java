package littlesummit.app.rows;

import java.sql.Types;
import org.hibernate.boot.model.TypeContributions;
import org.hibernate.dialect.Dialect;
import org.hibernate.dialect.PostgreSQLDialect;
import org.hibernate.engine.jdbc.dialect.spi.DialectResolutionInfo;
import org.hibernate.engine.jdbc.dialect.spi.DialectResolver;
import org.hibernate.service.ServiceRegistry;
import org.hibernate.type.descriptor.jdbc.LongVarbinaryJdbcType;
import org.hibernate.type.descriptor.jdbc.LongVarcharJdbcType;

/**
 * On PostgreSQL long texts and pictures stand in their rows (text, bytea), where Hibernate would keep large objects
 * beside them, which nobody would ever delete. Other databases are left to Hibernate.
 */
public final class Dialects implements DialectResolver {
    private static final long serialVersionUID = 1L;

    /** PostgreSQL, with what is long in its rows. */
    static final class InRows extends PostgreSQLDialect {
        InRows(DialectResolutionInfo info) {
            super(info);
        }

        @Override
        protected String columnType(int sqlTypeCode) {
            return switch (sqlTypeCode) {
                case Types.CLOB -> "text";
                case Types.BLOB -> "bytea";
                default -> super.columnType(sqlTypeCode);
            };
        }

        @Override
        public void contributeTypes(TypeContributions contributions, ServiceRegistry services) {
            super.contributeTypes(contributions, services);
            var types = contributions.getTypeConfiguration().getJdbcTypeRegistry();
            types.addDescriptor(Types.CLOB, LongVarcharJdbcType.INSTANCE);
            types.addDescriptor(Types.BLOB, LongVarbinaryJdbcType.INSTANCE);
        }
    }

    @Override
    public Dialect resolveDialect(DialectResolutionInfo info) {
        return info.getDatabaseName().equals("PostgreSQL") ? new InRows(info) : null;
    }
}
