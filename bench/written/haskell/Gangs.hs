module Main where

data Gang = Gang
  { chief :: String
  , hands :: Int
  , shift :: Shift
  } deriving (Show)

data Shift = Day | Night deriving (Show⟪⟶, Eq⟫)

strength :: [Gang] -> Int
strength gangs = sum [hands g | g <- gangs, shift g == Day]

grade :: Int -> String
grade n
  | n > 20 = "full"
  | n > 10 = ⟪'half'⟶"half"⟫
  | otherwise = "thin"

double :: Gang -> Gang
double g = g { hands = hands g ⟪x⟶*⟫ 2 }

report :: Gang -> String
report g = chief g ++ " has " ++ show (hands g) ⟪+⟶++⟫ " hands"

swap :: Shift -> Shift
swap Day = Night
swap Night = ⟪day⟶Day⟫

main :: IO ()
main = do
  let gangs = [Gang "Orrel" 12 Day, Gang "Tamsin" 8 ⟪Nigth⟶Night⟫]
  mapM_ (putStrLn ⟪⟶. ⟫report) gangs
  putStrLn (grade (strength gangs⟪⟶)⟫)
  print (map double gangs)
  print (swap Day)
