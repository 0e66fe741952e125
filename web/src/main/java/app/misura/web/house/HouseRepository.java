package app.misura.web.house;

import org.springframework.data.jpa.repository.JpaRepository;

interface HouseRepository extends JpaRepository<HouseEntity, Integer> {}
