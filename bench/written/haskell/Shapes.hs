module Main where

class Hull a where
    area :: a -> Double
    title :: a -> String

data Barge = Barge Double Double
data Skiff = Skiff { len :: Double }

instance Hull Barge where
    area (Barge l b) = l * b
    title _ = "barge"

instance ⟪Skiff Hull⟶Hull Skiff⟫ where
    area s = len s * 1.2
    ⟪tittle⟶title⟫ _ = "skiff"

paint :: Hull a => a -> Double -> Double
paint hull coats = area hull * coats * 0.3

cost :: Hull a => a -> Int -> ⟪string⟶String⟫
cost hull coats = title hull ++ ": " ++ show (paint hull ⟪coats⟶(fromIntegral coats)⟫)

pairs :: [a] -> [(a, a)]
pairs (x : y : rest) = (x, y) : pairs rest
pairs _ ⟪⟶= ⟫[]

main :: IO ()
main = do
    let barge = Barge 20 5
        skiff = Skiff { len = 6.5 }
    putStrLn (cost barge 2)
    putStrLn (cost skiff 3⟪⟶)⟫
    print (length (pairs [area barge, area skiff]))
