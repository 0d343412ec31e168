module Main where

data Area
  = Pier Double Double
  ⟪,⟶|⟫ Basin Double
  | Open

class Measured a where
  size :: a -> Double

instance Measured Area where
  size (Pier w l) = w * l
  size (Basin r) = ⟪PI⟶pi⟫ * r ^ 2
  size Open = 0

largest :: [Area] -> Double
largest areas = maximum ⟪map size areas⟶(map size areas)⟶≡$ map size areas⟫

kind :: Area -> String
kind (Pier _ _) = "pier"
kind (Basin _⟪⟶)⟫ = "basin"
kind Open = ⟪'open'⟶"open"⟫

main :: IO ()
main = do
  let areas = [Pier 4 20, Basin 12.5, Open]
  putStrLn (unwords (map kind areas))
  print ⟪largest areas⟶(largest areas)⟶≡$ largest areas⟫
  mapM_ (\a -> putStrLn (kind a ++ " " ++ show (size a))) areas
