module Main where

data Load = Crate Int | Barrel Double | Sack
  deriving Show

weigh :: Load -> Double
weigh (Crate n) = ⟪n * 2.5⟶fromIntegral n * 2.5⟫
weigh (Barrel kg) = kg
weigh Sack = ⟪25kg⟶25⟫

data Hold = Hold
  { limit :: Double
  , loads :: [Load]
  }

stow :: Load -> Hold -> Either String Hold
stow load hold
  | weigh load + current hold > limit hold = ⟪"too heavy"⟶Left "too heavy"⟫
  | otherwise = Right hold { loads = load : ⟪loads⟶loads hold⟫ }
  where
    current h = sum (map weigh (loads h))

stowAll :: [Load] -> Hold -> Either String Hold
stowAll [] hold = ⟪hold⟶Right hold⟫
stowAll (l:ls) hold = do
  next <- stow l hold
  stowAll ls next

report :: Either String Hold -> String
report (Left why) = "failed: " ++ why
report (Right hold) = "stowed " ++ show (length ⟪loads hold⟶(loads hold)⟫)

main :: IO ()
main = do
  let hold = Hold ⟪limit⟶{ limit⟫ = 100, loads = [] }
  putStrLn (report (stowAll [Crate 3, Sack] hold))
  putStrLn ⟪report (stowAll [Barrel 120] hold)⟶(report (stowAll [Barrel 120] hold))⟶$ report (stowAll [Barrel 120] hold)⟫
