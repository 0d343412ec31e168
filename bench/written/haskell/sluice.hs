module Main where

data Gate = Open | Shut deriving (Eq, Show)

data Sluice = Sluice
  { level :: Int
  ⟪⟶, ⟫gate :: Gate
  }

step :: Sluice -> Sluice
step s
  | gate s ⟪=⟶==⟫ Open = s { level = level s - 1 }
  | otherwise = s { level = level s + 1 }

run :: Int -> Sluice -> Sluice
run 0 s = s
run n s = run (n - 1) ⟪step s⟶(step s)⟫

report :: Sluice -> String
report s = "level " ++ ⟪level s⟶show (level s)⟫ ++ gateText
  where
    gateText = if gate s == Open then " open" ⟪⟶else " shut"⟫

main :: IO ()
main = do
  let s = Sluice { level = 5, gate = Shut }
  putStrLn (report (run 3 s))
  putStrLn (report (run 2 s { gate = Open }⟪⟶)⟫)
