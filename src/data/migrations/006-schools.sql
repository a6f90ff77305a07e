-- A site's schools carry the reason beside the way.
UPDATE site
SET schools = json_object(
  'cabinetsAndPaint',
  json_object('way', json_extract(schools, '$.cabinetsAndPaint'), 'why', '')
)
WHERE json_type(schools, '$.cabinetsAndPaint') = 'text';
