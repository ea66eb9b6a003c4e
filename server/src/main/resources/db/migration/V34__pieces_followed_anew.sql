-- Records of bends over a hot pipe may have been followed as if the pipe had touched them all the time, when the ways had been
-- looked at side by side before. What was kept of following any piece is let go and worked out again by the next fit.
delete from followed_piece;
delete from kept_records;
