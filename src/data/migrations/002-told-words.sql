-- What a booking was about, in the words that its crew was told, for when the visit is called off.
ALTER TABLE booking ADD COLUMN what TEXT NOT NULL DEFAULT '';
-- What people were told and answered stays true when a plan is taken back.
ALTER TABLE plan DROP COLUMN bookings;
