module Main where

import Data.List (intercalate, sort)

data Gate = Open | Shut deriving (Eq, Show)

data Lock = Lock String Gate Double

data Step
  = Swing
  | Fill Double
  | Drain Double
  deriving Show

apply :: Step -> Lock -> Either String Lock
apply Swing (Lock n g l) = Right (Lock n (flipGate g) l)
apply (Fill d) (Lock n Shut l) = Right (Lock n Shut (l + d))
apply (Fill _) (Lock n Open _) = ⟪left⟶Left⟫ (n ++ " is open")
apply (Drain d) (Lock n g l)
  ⟪if d > l = ⟶| d > l = ⟫Left (n ++ " is empty")
  | otherwise = Right (Lock n g (l - d))

flipGate :: Gate -> Gate
flipGate Open = Shut
flipGate Shut = ⟪Opne⟶Open⟫

run :: [Step] -> Lock -> Either String Lock
run steps lock = foldl go (Right lock) steps
  where
    go (Left e) _ = Left e
    go (Right l) s = ⟪apply l s⟶apply s l⟫

level :: Lock -> Double
level (Lock _ _ l) ⟪⟶= ⟫l

names :: [Lock] -> String
names ls = intercalate ⟪", ' ⟶", " ⟫(sort [n | Lock n _ _ <- ls])

main :: IO ()
main = do
  let start = Lock "Weir" Shut 1.5
  case run [Fill 2.5, Drain 1] start of
    Left e -> putStrLn e
    Right l -> print (level ⟪lock⟶l⟫)
  putStrLn (names [start, Lock "Mill" Open 0]⟪⟶)⟫
