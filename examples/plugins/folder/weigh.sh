echo "$hive on the $scale scale"
