package app.misura.web.house;

interface HouseTablesRepository extends VersionRepository<HouseTablesEntity> {}
