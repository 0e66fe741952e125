delete from strike where not exists (select 1 from reading where reading.id = strike.reading_id);
