update garment_order set queue_on = coalesce(needed_on, date '9999-12-31')
    where stage not in ('HANDED_OVER', 'ON_HOLD', 'CALLED_OFF') and queue_on is null;
