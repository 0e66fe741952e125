-- What was one text, and was searched for words, in its parts.
update reading set
    hand = case
        when aid like 'alone%' and (char_length(aid) = 5 or lower(substring(aid from 6 for 1)) not between 'a' and 'z') then 'ALONE'
        when aid like 'helper%' and (char_length(aid) = 6 or lower(substring(aid from 7 for 1)) not between 'a' and 'z') then 'HELPER'
        else 'TRAINED' end,
    doubt = case when aid like '%so-so%' then 'SO_SO' else 'SURE' end,
    origin = case when aid like '%simulated tape%' then 'SIMULATED' else 'BODY' end,
    tool = nullif(regexp_replace(regexp_replace(replace(replace(case
        when aid like 'alone%' and (char_length(aid) = 5 or lower(substring(aid from 6 for 1)) not between 'a' and 'z') then substring(aid from 6)
        when aid like 'helper%' and (char_length(aid) = 6 or lower(substring(aid from 7 for 1)) not between 'a' and 'z') then substring(aid from 7)
        else aid end, 'so-so', ''), 'simulated tape', ''), '^[\x3b ]+', ''), '[\x3b ]+$', ''), '')
    where aid is not null
