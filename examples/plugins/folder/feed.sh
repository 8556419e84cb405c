echo "$hive was fed $litres litres"
